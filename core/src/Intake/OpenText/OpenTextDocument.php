<?php

declare(strict_types=1);

namespace Notagram\Intake\OpenText;

use Notagram\Intake\Archive;
use Notagram\Intake\Deadline;
use Notagram\Intake\ListLabel;
use Notagram\Intake\Manuscript;
use Notagram\Intake\ManuscriptBuilder;
use Notagram\Intake\MathMl;
use Notagram\Intake\UnreadableDocument;
use Notagram\Intake\XmlElements;
use Notagram\Source\Regex;

/** Reads the text of an OpenDocument text (OASIS OpenDocument 1.3, Part 3; from memory). One object reads one document. */
final class OpenTextDocument
{
    private const OFFICE = 'urn:oasis:names:tc:opendocument:xmlns:office:1.0';
    private const TEXT = 'urn:oasis:names:tc:opendocument:xmlns:text:1.0';
    private const STYLE = 'urn:oasis:names:tc:opendocument:xmlns:style:1.0';
    private const FO = 'urn:oasis:names:tc:opendocument:xmlns:xsl-fo-compatible:1.0';
    private const DRAW = 'urn:oasis:names:tc:opendocument:xmlns:drawing:1.0';
    private const MATH = 'http://www.w3.org/1998/Math/MathML';
    private const XLINK = 'http://www.w3.org/1999/xlink';
    private const XML = 'http://www.w3.org/XML/1998/namespace';
    private const FORMATS = ['1' => 'decimal', 'a' => 'lower-letter', 'A' => 'upper-letter', 'i' => 'lower-roman', 'I' => 'upper-roman', '' => 'none'];
    private const MAX_DEPTH = 200;
    private const MAX_STYLES = 20;
    private const POINTS = ['pt' => 1.0, 'cm' => 72 / 2.54, 'mm' => 72 / 25.4, 'in' => 72.0];
    /** Space above a paragraph that looks like a blank line, in points. */
    private const APART = 8.0;

    private readonly ManuscriptBuilder $builder;
    /** @var array<string, array<int, \DOMElement>> levels of each list style, from 1 */
    private array $listStyles = [];
    /** @var array<string, \DOMElement> */
    private array $styles = [];
    /** @var array<string, array<int, int>> counters of each list by its id or style, for lists that go on */
    private array $counters = [];
    /** @var list<string> the styles of the lists that are open */
    private array $lists = [];
    /** @var array<int, int> their counters by level, from 1 */
    private array $counts = [];
    private string $label = '';
    /** @var array<string, ?string> formulas by the part that holds them */
    private array $formulas = [];
    private int $depth = 0;

    private function __construct(private readonly Archive $archive, Deadline $deadline)
    {
        $this->builder = new ManuscriptBuilder($deadline);
    }

    /** @throws UnreadableDocument */
    public static function read(string $bytes): Manuscript
    {
        $deadline = Deadline::start();
        $archive = Archive::of($bytes);
        if (str_contains($archive->part('META-INF/manifest.xml') ?? '', 'encryption-data')) {
            throw UnreadableDocument::encrypted();
        }
        $content = $archive->xml('content.xml') ?? throw UnreadableDocument::damaged();
        $reader = new self($archive, $deadline);
        foreach ([$archive->xml('styles.xml'), $content] as $part) {
            foreach (['styles', 'automatic-styles'] as $group) {
                foreach (XmlElements::children($part, self::OFFICE, $group) as $styles) {
                    $reader->styles($styles);
                }
            }
        }
        $body = $content->getElementsByTagNameNS(self::OFFICE, 'text')->item(0) ?? throw UnreadableDocument::damaged();
        $reader->blocks($body);

        return $reader->builder->built();
    }

    private function styles(\DOMElement $group): void
    {
        foreach (XmlElements::children($group, self::TEXT, 'list-style') as $style) {
            $this->listStyle($style);
        }
        foreach (XmlElements::children($group, self::STYLE, 'style') as $style) {
            $this->styles[$style->getAttributeNS(self::STYLE, 'name')] = $style;
        }
    }

    private function listStyle(\DOMElement $style): void
    {
        $levels = [];
        foreach ($style->childNodes as $level) {
            if ($level instanceof \DOMElement) {
                $levels[(int) $level->getAttributeNS(self::TEXT, 'level')] = $level;
            }
        }
        $this->listStyles[$style->getAttributeNS(self::STYLE, 'name')] = $levels;
    }

    private function blocks(\DOMElement $parent): void
    {
        if (++$this->depth > self::MAX_DEPTH) {
            throw UnreadableDocument::damaged();
        }
        foreach ($parent->childNodes as $child) {
            if (!$child instanceof \DOMElement) {
                continue;
            }
            match ($child->localName) {
                'p', 'h' => $this->paragraph($child),
                'list' => $this->list($child),
                'list-item', 'list-header' => $this->item($child),
                'table' => $this->table($child),
                'section', 'index-body', 'text-box' => $this->section($child),
                'frame' => $this->frame($child),
                'tracked-changes' => $this->builder->note('tracked-changes'),
                default => null,
            };
        }
        --$this->depth;
    }

    private function section(\DOMElement $section): void
    {
        if ('none' === $section->getAttributeNS(self::TEXT, 'display')) {
            $this->builder->note('hidden-text');

            return;
        }
        $this->blocks($section);
    }

    private function list(\DOMElement $list): void
    {
        $level = \count($this->lists) + 1;
        $style = $list->getAttributeNS(self::TEXT, 'style-name');
        $style = '' === $style ? ($this->lists[$level - 2] ?? '') : $style;
        $id = $list->getAttributeNS(self::XML, 'id');
        if (1 === $level) {
            $continued = $list->getAttributeNS(self::TEXT, 'continue-list');
            $isContinued = '' !== $continued || 'true' === $list->getAttributeNS(self::TEXT, 'continue-numbering');
            $this->counts = $isContinued ? ($this->counters['list '.$continued] ?? $this->counters['style '.$style] ?? []) : [];
        } else {
            // A list within a list begins anew.
            $this->forgetFrom($level);
        }
        $this->lists[] = $style;
        $this->blocks($list);
        array_pop($this->lists);
        if (1 === $level) {
            $this->counters['style '.$style] = $this->counts;
            if ('' !== $id) {
                $this->counters['list '.$id] = $this->counts;
            }
        }
    }

    private function forgetFrom(int $level): void
    {
        $this->counts = array_filter($this->counts, static fn (int $of) => $of < $level, \ARRAY_FILTER_USE_KEY);
    }

    private function item(\DOMElement $item): void
    {
        $level = \count($this->lists);
        if ($level < 1) {
            $this->blocks($item);

            return;
        }
        $style = $this->lists[$level - 1];
        $child = $this->firstChild($item);
        if ('list-item' === $item->localName && null !== $child && 'list' !== $child->localName) {
            $start = $item->getAttributeNS(self::TEXT, 'start-value');
            $first = fn (int $of): int => max(1, ListLabel::number(($this->listStyles[$style][$of] ?? null)?->getAttributeNS(self::TEXT, 'start-value') ?? ''));
            // Levels above that have not counted yet show their first number.
            for ($above = 1; $above < $level; ++$above) {
                $this->counts[$above] ??= $first($above);
            }
            $this->counts[$level] = '' !== $start ? ListLabel::number($start) : (isset($this->counts[$level]) ? $this->counts[$level] + 1 : $first($level));
            $this->forgetFrom($level + 1);
            $this->label = $this->labelOf($style, $level, $this->counts);
        }
        $this->blocks($item);
        $this->label = '';
    }

    private function firstChild(\DOMElement $element): ?\DOMElement
    {
        foreach ($element->childNodes as $child) {
            if ($child instanceof \DOMElement && !\in_array($child->localName, ['soft-page-break', 'number'], true)) {
                return $child;
            }
        }

        return null;
    }

    /** @param array<int, int> $counters */
    private function labelOf(string $style, int $level, array $counters): string
    {
        $definition = $this->listStyles[$style][$level] ?? null;
        if (null === $definition) {
            return '';
        }
        if ('list-level-style-number' !== $definition->localName) {
            $bullet = $definition->getAttributeNS(self::TEXT, 'bullet-char');

            return Regex::match('/^[☐□◻○◯❏❑]/u', $bullet) ? $bullet : '•';
        }
        $pattern = $definition->getAttributeNS('urn:org:documentfoundation:names:experimental:office:xmlns:loext:1.0', 'num-list-format');
        $shown = function (int $of) use ($style, $counters): string {
            $level = $this->listStyles[$style][$of] ?? null;
            $format = self::FORMATS[$level?->getAttributeNS(self::STYLE, 'num-format') ?? '1'] ?? 'decimal';

            return 'none' === $format ? '' : ListLabel::of($counters[$of] ?? 1, $format);
        };
        if ('' !== $pattern) {
            return Regex::replaceBy('/%(\d{1,2})%/', static fn (array $match): string => $shown((int) $match[1]), $pattern);
        }
        $levels = max(1, ListLabel::number($definition->getAttributeNS(self::TEXT, 'display-levels')));
        $numbers = array_filter(array_map($shown, range(max(1, $level - $levels + 1), $level)), static fn (string $number) => '' !== $number);

        return [] === $numbers ? '' : $definition->getAttributeNS(self::STYLE, 'num-prefix').implode('.', $numbers).$definition->getAttributeNS(self::STYLE, 'num-suffix');
    }

    private function table(\DOMElement $table): void
    {
        foreach ($table->childNodes as $row) {
            if (!$row instanceof \DOMElement) {
                continue;
            }
            if (\in_array($row->localName, ['table-header-rows', 'table-rows', 'table-row-group'], true)) {
                $this->table($row);
            } elseif ('table-row' === $row->localName) {
                $this->builder->startRow();
                foreach ($row->childNodes as $cell) {
                    if ($cell instanceof \DOMElement && 'table-cell' === $cell->localName) {
                        $this->builder->startCell();
                        $this->blocks($cell);
                    }
                }
                $this->builder->endRow();
            }
        }
    }

    /** What a style says of paragraphs, or else the one that it is based on; empty where none does. */
    private function property(?\DOMElement $style, string ...$names): string
    {
        for ($steps = 0; null !== $style && $steps < self::MAX_STYLES; ++$steps) {
            foreach (XmlElements::children($style, self::STYLE, 'paragraph-properties') as $properties) {
                foreach ($names as $name) {
                    if ('' !== $properties->getAttributeNS(self::FO, $name)) {
                        return $properties->getAttributeNS(self::FO, $name);
                    }
                }
            }
            $style = $this->styles[$style->getAttributeNS(self::STYLE, 'parent-style-name')] ?? null;
        }

        return '';
    }

    /** Whether the space above looks like a blank line. */
    private function hasSpaceAbove(?\DOMElement $style): bool
    {
        return Regex::match('/^([\d.]++)(cm|mm|in|pt)\z/', $this->property($style, 'margin-top', 'margin'), $match) && (float) $match[1] * self::POINTS[$match[2]] >= self::APART;
    }

    /** Whether there is a line below it, which is one to write on where nothing stands on it. */
    private function isRuled(?\DOMElement $style): bool
    {
        return !\in_array($this->property($style, 'border-bottom', 'border'), ['', 'none'], true);
    }

    private function paragraph(\DOMElement $paragraph): void
    {
        $isHeading = 'h' === $paragraph->localName;
        $style = $this->styles[$paragraph->getAttributeNS(self::TEXT, 'style-name')] ?? null;
        foreach ($style?->getElementsByTagNameNS(self::STYLE, 'paragraph-properties') ?? [] as $properties) {
            if ('page' === $properties->getAttributeNS(self::FO, 'break-before')) {
                $this->builder->pageBreak();
            }
        }
        if ('' !== $this->label) {
            $this->builder->text($this->label.' ');
            $this->label = '';
        } elseif ($isHeading || ($this->hasSpaceAbove($style) && !$this->isRuled($style))) {
            $this->builder->standApart();
        }
        $frames = [];
        $this->inline($paragraph, false, $frames);
        if ($this->builder->isLineEmpty() && $this->isRuled($style)) {
            $this->builder->rule();
        }
        $this->builder->endLine();
        if ($isHeading) {
            $this->builder->standApart();
        }
        foreach ($frames as $box) {
            $this->builder->note('text-boxes');
            $this->blocks($box);
        }
    }

    /** @param list<\DOMElement> $boxes */
    private function inline(\DOMElement $parent, bool $standsOut, array &$boxes): void
    {
        if (++$this->depth > self::MAX_DEPTH) {
            throw UnreadableDocument::damaged();
        }
        foreach ($parent->childNodes as $child) {
            if ($child instanceof \DOMText) {
                $this->builder->text(Regex::replace('/[ \t\r\n]++/', ' ', $child->data), $standsOut);
                continue;
            }
            if (!$child instanceof \DOMElement) {
                continue;
            }
            match ($child->localName) {
                'span' => $this->span($child, $standsOut, $boxes),
                'a', 'ruby', 'ruby-base', 'meta', 'meta-field' => $this->inline($child, $standsOut, $boxes),
                's' => $this->builder->text(str_repeat(' ', min(500, max(1, (int) $child->getAttributeNS(self::TEXT, 'c')))), $standsOut),
                'tab' => $this->builder->text("\t"),
                'line-break' => $this->builder->lineBreak(),
                'note' => $this->builder->note('footnotes'),
                'annotation' => $this->builder->note('comments'),
                'hidden-text', 'hidden-paragraph' => $this->builder->note('hidden-text'),
                'frame' => $this->frameWithin($child, $boxes),
                'custom-shape' => $boxes[] = $child,
                'text-input', 'placeholder', 'sequence', 'bookmark-ref', 'expression', 'title', 'date', 'page-number' => $this->builder->text($child->textContent, $standsOut),
                default => null,
            };
        }
        --$this->depth;
    }

    /** @param list<\DOMElement> $boxes */
    private function span(\DOMElement $span, bool $standsOut, array &$boxes): void
    {
        $style = $this->styles[$span->getAttributeNS(self::TEXT, 'style-name')] ?? null;
        foreach ($style?->getElementsByTagNameNS(self::STYLE, 'text-properties') ?? [] as $properties) {
            if ('none' === $properties->getAttributeNS(self::TEXT, 'display')) {
                $this->builder->note('hidden-text');

                return;
            }
            $standsOut = $standsOut || self::standsOut($properties);
        }
        $this->inline($span, $standsOut, $boxes);
    }

    private static function standsOut(\DOMElement $properties): bool
    {
        $underline = $properties->getAttributeNS(self::STYLE, 'text-underline-style');
        $colour = strtolower($properties->getAttributeNS(self::FO, 'color'));
        $background = $properties->getAttributeNS(self::FO, 'background-color');

        return \in_array($properties->getAttributeNS(self::FO, 'font-weight'), ['bold', '600', '700', '800', '900'], true)
            || ('' !== $underline && 'none' !== $underline)
            || ('' !== $colour && '#000000' !== $colour)
            || ('' !== $background && 'transparent' !== $background && '#ffffff' !== strtolower($background));
    }

    /** @param list<\DOMElement> $boxes */
    private function frameWithin(\DOMElement $frame, array &$boxes): void
    {
        $box = $frame->getElementsByTagNameNS(self::DRAW, 'text-box')->item(0);
        if (null !== $box) {
            $boxes[] = $box;
        } elseif (!$this->formulaOf($frame)) {
            $this->pictureOf($frame);
        }
    }

    private function frame(\DOMElement $frame): void
    {
        $boxes = [];
        $this->frameWithin($frame, $boxes);
        $this->builder->endLine();
        foreach ($boxes as $box) {
            $this->blocks($box);
        }
    }

    /** A formula is a document of its own within the archive. */
    private function formulaOf(\DOMElement $frame): bool
    {
        $object = $frame->getElementsByTagNameNS(self::DRAW, 'object')->item(0);
        $within = $object?->getElementsByTagNameNS(self::MATH, 'math')->item(0);
        $name = null === $object ? '' : trim($object->getAttributeNS(self::XLINK, 'href'), './');
        try {
            $tex = null !== $within ? MathMl::tex($within) : $this->texOf($name);
        } catch (UnreadableDocument) {
            $this->builder->note('formulas');
            $this->builder->text('[formula]');

            return true;
        }
        if (null === $tex) {
            return false;
        }
        $this->builder->text($tex);

        return true;
    }

    /**
     * The formula in a part of the archive, read once however often it is shown; null where there is none.
     *
     * @throws UnreadableDocument
     */
    private function texOf(string $name): ?string
    {
        if (!\array_key_exists($name, $this->formulas)) {
            $part = '' === $name || str_contains($name, '..') ? null : $this->archive->xml("{$name}/content.xml");
            $math = $part?->getElementsByTagNameNS(self::MATH, 'math')->item(0);
            $this->formulas[$name] = null === $math ? null : MathMl::tex($math);
        }

        return $this->formulas[$name];
    }

    private function pictureOf(\DOMElement $frame): void
    {
        $image = $frame->getElementsByTagNameNS(self::DRAW, 'image')->item(0);
        if (null === $image) {
            return;
        }
        $name = $image->getAttributeNS(self::XLINK, 'href');
        $description = $frame->getElementsByTagNameNS('urn:oasis:names:tc:opendocument:xmlns:svg-compatible:1.0', 'desc')->item(0);
        $this->builder->picture($this->archive->picture(str_starts_with($name, './') ? substr($name, 2) : $name), $description->textContent ?? '');
    }
}
