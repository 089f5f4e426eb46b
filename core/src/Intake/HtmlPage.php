<?php

declare(strict_types=1);

namespace Notagram\Intake;

use Notagram\Notation\PaperWords;
use Notagram\Source\LineEnding;
use Notagram\Source\Regex;

/** Reads the text of a page, or of what a word processor put on the clipboard as HTML. One object reads one page. */
final class HtmlPage
{
    private const HEADINGS = ['h1' => 1, 'h2' => 1, 'h3' => 1, 'h4' => 1, 'h5' => 1, 'h6' => 1];
    private const BLOCKS = self::HEADINGS + ['p' => 1, 'div' => 1, 'li' => 1, 'dt' => 1, 'dd' => 1, 'pre' => 1, 'blockquote' => 1, 'section' => 1, 'article' => 1, 'header' => 1, 'footer' => 1, 'main' => 1, 'nav' => 1, 'form' => 1, 'fieldset' => 1, 'hr' => 1, 'ul' => 1, 'ol' => 1, 'address' => 1, 'figure' => 1, 'figcaption' => 1, 'caption' => 1, 'button' => 1, 'legend' => 1];
    private const LEFT_OUT = ['script' => 1, 'style' => 1, 'head' => 1, 'title' => 1, 'template' => 1, 'noscript' => 1, 'iframe' => 1, 'object' => 1, 'svg' => 1, 'xml' => 1];
    private const TYPES = ['1' => 'decimal', 'a' => 'lower-letter', 'A' => 'upper-letter', 'i' => 'lower-roman', 'I' => 'upper-roman', 'decimal' => 'decimal', 'lower-alpha' => 'lower-letter', 'lower-latin' => 'lower-letter', 'upper-alpha' => 'upper-letter', 'upper-latin' => 'upper-letter', 'lower-roman' => 'lower-roman', 'upper-roman' => 'upper-roman'];

    private readonly ManuscriptBuilder $builder;
    /** @var list<array{string, int}> lists that are open: format, next number */
    private array $lists = [];
    private bool $isLineEmpty = true;
    private bool $isBelowHeading = false;
    /** Whether the paragraphs of the element that is read hold several lines. */
    private bool $areGroups = false;

    private function __construct(Deadline $deadline)
    {
        $this->builder = new ManuscriptBuilder($deadline);
    }

    /** @throws UnreadableDocument */
    public static function read(string $html): Manuscript
    {
        $deadline = Deadline::start();
        MarkupLimits::checkPage($html);
        $reader = new self($deadline);
        $reader->walk(LimitedTree::of(self::prepared($html), $deadline), false, false);

        return $reader->builder->built();
    }

    /**
     * The parser drops what browsers show: words that stand before every element, such as those of a part of a line that
     * was copied, and a < that begins no tag.
     */
    private static function prepared(string $html): string
    {
        $html = Regex::replace('~<(?![a-z/!?])~i', '&lt;', $html);
        $inner = Regex::replace('~\A(?:\s++|<!--.*?-->|<\?[^>]*+>|<!doctype\b[^>]*+>|<html\b[^>]*+>)++~is', '', $html);

        return Regex::match('~\A<(?:head|body)\b~i', $inner) ? $html : '<body>'.$inner;
    }

    private function walk(\DOMNode $parent, bool $standsOut, bool $isPreformatted): void
    {
        $outer = $this->areGroups;
        $this->areGroups = self::holdsGroups($parent);
        foreach ($parent->childNodes as $child) {
            if ($child instanceof \DOMText) {
                $isPreformatted ? $this->preformatted($child->data, $standsOut) : $this->text(Regex::replace('/[ \t\r\n\f]++/', ' ', $child->data), $standsOut);
            } elseif ($child instanceof \DOMElement) {
                $this->element($child, $standsOut, $isPreformatted);
            }
        }
        $this->areGroups = $outer;
    }

    /** Whether a paragraph in it holds several lines, so that each of its paragraphs is a group of them. */
    private static function holdsGroups(\DOMNode $parent): bool
    {
        if (\in_array($parent->localName, ['td', 'th'], true)) {
            return false;
        }
        foreach ($parent->childNodes as $child) {
            if ($child instanceof \DOMElement && 'p' === $child->localName && null !== $child->getElementsByTagName('br')->item(0)) {
                return true;
            }
        }

        return false;
    }

    private function element(\DOMElement $element, bool $standsOut, bool $isPreformatted): void
    {
        $name = strtolower($element->localName ?? '');
        $style = strtolower($element->getAttribute('style'));
        if (isset(self::LEFT_OUT[$name])) {
            return;
        }
        if (Regex::match('/display\s*:\s*none|mso-hide\s*:\s*all|visibility\s*:\s*hidden/', $style) || $element->hasAttribute('hidden')) {
            $this->builder->note('hidden-text');

            return;
        }
        if (Regex::match('/mso-element\s*:\s*(?:comment|header|footer)/', $style)) {
            return;
        }
        if (('button' === $name || 'a' === $name) && self::isButton($element)) {
            $this->builder->note('buttons');

            return;
        }
        $standsOut = $this->standsOut($name, $style, $element) ?? $standsOut;
        if (Regex::match('/(?<![-\w])white-space(?:-collapse)?\s*:\s*([a-z-]+)/', $style, $match)) {
            $isPreformatted = \in_array($match[1], ['pre', 'pre-wrap', 'break-spaces', 'preserve'], true);
        }
        if (Regex::match('/mso-tab-count\s*:\s*(\d)/', $style, $match)) {
            // A word processor fills its tabs with blanks.
            $this->text(str_repeat("\t", (int) $match[1]), $standsOut);
        } elseif ('br' === $name) {
            Regex::match('/page-break-before\s*:\s*always/', $style) ? $this->builder->pageBreak() : $this->builder->lineBreak();
            $this->isLineEmpty = true;
        } elseif ('img' === $name) {
            $this->builder->picture(self::pictureIn($element->getAttribute('src')), $element->getAttribute('alt'));
            $this->isLineEmpty = false;
        } elseif ('math' === $name) {
            $this->text(MathMl::tex($element), $standsOut);
        } elseif ('input' === $name) {
            if (\in_array($element->getAttribute('type'), ['checkbox', 'radio'], true)) {
                $this->text($element->hasAttribute('checked') ? '☑ ' : '☐ ', false);
            }
        } elseif ('tr' === $name) {
            if ($this->isBelowHeading) {
                $this->builder->standApart();
                $this->isBelowHeading = false;
            }
            $this->row($element, $standsOut);
        } elseif ('ol' === $name || 'ul' === $name) {
            $this->list($element, $name, $style, $standsOut);
        } elseif (isset(self::BLOCKS[$name])) {
            $this->endLine();
            if ($this->standsApart($element, $name)) {
                $this->builder->standApart();
            }
            if ('p' === $name) {
                $this->isBelowHeading = false;
            }
            if ('li' === $name) {
                $this->label($element);
            }
            $this->walk($element, $standsOut, $isPreformatted || 'pre' === $name);
            // A paragraph without words is a blank line.
            if ($this->isLineEmpty && 'p' === $name && '' === trim($element->textContent, " \t\r\n\u{A0}")) {
                $this->builder->endLine();
            }
            $this->endLine();
            // A number by itself belongs to what is below it.
            $this->isBelowHeading = isset(self::HEADINGS[$name]) && Regex::match('/\p{L}/u', $element->textContent);
        } else {
            $this->walk($element, $standsOut, $isPreformatted);
        }
    }

    /** Headings and rules do, with the paragraph below them, what stands below a list, and where paragraphs hold several lines, each of them. */
    private function standsApart(\DOMElement $element, string $name): bool
    {
        // An empty paragraph is a blank line itself.
        $isBelow = ($this->isBelowHeading && '' !== trim($element->textContent, " \t\r\n\u{A0}")) || \in_array($element->previousElementSibling?->localName, ['ul', 'ol'], true);

        return isset(self::HEADINGS[$name]) || 'hr' === $name || ('p' === $name && [] === $this->lists && ($isBelow || $this->areGroups));
    }

    /** “Next”, “Submit”: it leads somewhere, and asks nothing. */
    private static function isButton(\DOMElement $element): bool
    {
        // A link among words is one of them, and in a list it may be what is to be picked.
        if ('a' === $element->localName && (\in_array($element->parentNode?->localName, ['li', 'td', 'th', 'label'], true) || !self::standsAlone($element))) {
            return false;
        }

        return PaperWords::all()->isButton(trim($element->textContent));
    }

    /** Whether nothing is beside an element but buttons and headings. */
    private static function standsAlone(\DOMElement $element): bool
    {
        foreach (['previousSibling', 'nextSibling'] as $way) {
            $other = $element->$way;
            while ($other instanceof \DOMText && '' === trim($other->data)) {
                $other = $other->$way;
            }
            if (null !== $other && 'button' !== $other->localName && !isset(self::HEADINGS[$other->localName ?? ''])) {
                return false;
            }
        }

        return true;
    }

    private function row(\DOMElement $row, bool $standsOut): void
    {
        $this->endLine();
        $isCell = static fn (\DOMNode $node): bool => $node instanceof \DOMElement && \in_array(strtolower($node->localName ?? ''), ['td', 'th'], true);
        // What stands in a row but in no cell of it is shown above the table.
        foreach ($row->childNodes as $stray) {
            if (!$isCell($stray)) {
                $this->text(trim($stray->textContent), $standsOut);
            }
        }
        $this->endLine();
        $this->builder->startRow();
        foreach ($row->childNodes as $cell) {
            if ($isCell($cell)) {
                $this->builder->startCell();
                $this->walk($cell, $standsOut, false);
                $this->endLine();
            }
        }
        $this->builder->endRow();
    }

    /** Only a picture that is written out in the page itself comes with it. */
    private static function pictureIn(string $address): ?Picture
    {
        if (!Regex::match('~\Adata:image/([a-z]++)[a-z+.-]*+((?:;[^,;]*+)*+),~i', $address, $match)) {
            return null;
        }
        $data = substr($address, \strlen($match[0]));
        $bytes = str_ends_with(strtolower($match[2]), ';base64') ? base64_decode($data, true) : rawurldecode($data);

        return false === $bytes ? null : new Picture('picture.'.strtolower($match[1]), $bytes);
    }

    private function list(\DOMElement $list, string $name, string $style, bool $standsOut): void
    {
        $this->endLine();
        $type = Regex::match('/list-style-type\s*:\s*([a-z-]+)/', $style, $match) ? $match[1] : $list->getAttribute('type');
        $start = $list->getAttribute('start');
        $this->lists[] = ['ul' === $name ? 'bullet' : (self::TYPES[$type] ?? 'decimal'), '' === $start ? 1 : ListLabel::number($start)];
        $this->walk($list, $standsOut, false);
        array_pop($this->lists);
        $this->endLine();
    }

    private function label(\DOMElement $item): void
    {
        $last = array_key_last($this->lists);
        if (null === $last) {
            return;
        }
        [$format, $next] = $this->lists[$last];
        $value = $item->getAttribute('value');
        $number = '' === $value ? $next : ListLabel::number($value);
        $style = Regex::match('/list-style-type\s*:\s*([a-z-]+)/', strtolower($item->getAttribute('style')), $match) ? $match[1] : $item->getAttribute('type');
        $format = self::TYPES[$style] ?? $format;
        $this->lists[$last][1] = $number + 1;
        // An item that begins with its number is shown without another one.
        if ('decimal' === $format && Regex::match('/^\s*+(?:(?:'.PaperWords::all()->question.')\s*+)?'.$number.'[.):]?(?![\p{Ll}\d,])/iu', ltrim($item->textContent))) {
            return;
        }
        $this->builder->text('bullet' === $format ? '• ' : ListLabel::of($number, $format).'. ');
    }

    private function text(string $text, bool $standsOut): void
    {
        if ($this->isLineEmpty) {
            $text = ltrim($text, ' ');
        }
        if ('' !== $text) {
            $this->builder->text($text, $standsOut);
            $this->isLineEmpty = false;
            $this->isBelowHeading = false;
        }
    }

    private function preformatted(string $text, bool $standsOut): void
    {
        foreach (explode("\n", LineEnding::folded($text)) as $index => $line) {
            if ($index > 0) {
                $this->builder->lineBreak();
                $this->isLineEmpty = true;
            }
            if ('' !== $line) {
                $this->builder->text($line, $standsOut);
                $this->isLineEmpty = false;
                $this->isBelowHeading = false;
            }
        }
    }

    private function endLine(): void
    {
        if (!$this->isLineEmpty) {
            $this->builder->endLine();
        }
        $this->isLineEmpty = true;
    }

    /** Null where the element says nothing of it. */
    private function standsOut(string $name, string $style, \DOMElement $element): ?bool
    {
        if (\in_array($name, ['b', 'strong', 'u', 'mark'], true)) {
            // Some programs wrap everything they copy in a bold that is none.
            return !Regex::match('/font-weight\s*:\s*(?:normal|400)/', $style);
        }
        if ('font' === $name && '' !== $element->getAttribute('color')) {
            return !\in_array(strtolower($element->getAttribute('color')), ['#000000', 'black', '#000'], true);
        }
        $isBold = Regex::match('/font-weight\s*:\s*(?:bold|[6-9]00)|text-decoration[^;]*underline/', $style);
        $isMarked = Regex::match('/(?<![-\w])(?:background(?:-color)?|mso-highlight)\s*:\s*(?!transparent|white|#fff(?:fff)?\b|none|inherit|initial|rgb\(255, ?255, ?255\)|windowtext)[#\w]/', $style);
        $isColoured = Regex::match('/(?<![-\w])color\s*:\s*(?!black|#000(?:000)?\b|windowtext|inherit|initial|auto|rgb\(0, ?0, ?0\))[#\w]/', $style) && 'a' !== $name && 'body' !== $name && !isset(self::BLOCKS[$name]);

        return $isBold || $isMarked || $isColoured ? true : null;
    }
}
