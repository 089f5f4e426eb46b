<?php

declare(strict_types=1);

namespace Notagram\Handover\Qti;

use Masterminds\HTML5;
use Notagram\Proof\Formula\FormulasInHtml;
use Notagram\Proof\Formula\TexToMathMl;
use Notagram\Source\Regex;

/**
 * Makes well-formed XHTML of safe HTML, with no element where a version allows none; the words in it stay. One object
 * reads the texts of one question, and knows what it took out.
 */
final class Xhtml
{
    /** What says where something else goes, which no author can write: their classes are taken out before. */
    public const PLACE = 'place';

    /** Whether a formula is left as TeX, since it cannot be written as MathML: no version knows TeX, but many systems do. */
    public bool $hasTex = false;
    /** @var array<string, true> elements and attributes that were taken out, by their names */
    private array $left = [];

    public function __construct(private readonly QtiVersion $version)
    {
    }

    /** @return list<string> */
    public function leftOut(): array
    {
        return array_keys($this->left);
    }

    /**
     * @param string   $html  safe
     * @param ?Element $place what stands where {@see self::PLACE} is
     *
     * @return list<Element|string>
     */
    public function content(string $html, Content $may, ?Element $place = null): array
    {
        if ('' === $html) {
            return [];
        }
        if (Content::Blocks !== $may && !Regex::match('~<(?!br */?>)~', $html)) {
            return self::lines($html);
        }
        $fragment = (new HTML5(['disable_html_ns' => true]))->loadHTMLFragment($html);

        return $this->children($fragment, $may, $place);
    }

    /** @return list<Element|string> */
    private static function lines(string $html): array
    {
        $content = [];
        foreach (Regex::split('~<br */?>\n?~', $html) as $index => $line) {
            if ($index > 0) {
                $content[] = Element::markup('br');
            }
            if ('' !== $line) {
                $content[] = html_entity_decode($line, \ENT_QUOTES | \ENT_HTML5, 'UTF-8');
            }
        }

        return $content;
    }

    /** @return list<Element|string> */
    private function children(\DOMNode $parent, Content $may, ?Element $place): array
    {
        $around = $may->only()[0] ?? (Content::Blocks === $may ? 'p' : null);
        $pieces = array_merge(...array_map(fn (\DOMNode $child) => $this->node($child, $may, $place), iterator_to_array($parent->childNodes)));
        if (null === $around) {
            return $pieces;
        }
        $content = $loose = [];
        $areParts = false;
        foreach ($pieces as $piece) {
            $isPart = !\is_string($piece) && \in_array($piece->name, $may->parts(), true);
            $stands = $this->stands($piece, $may);
            if ([] !== $loose && ($stands || $isPart !== $areParts)) {
                $content[] = self::wrapped($loose, $around);
                $loose = [];
            }
            if ($stands) {
                $content[] = $piece;
            } elseif ([] !== $loose || !\is_string($piece) || '' !== trim($piece)) {
                $loose[] = $piece;
                $areParts = $isPart;
            }
        }
        if ([] !== $loose) {
            $content[] = self::wrapped($loose, $around);
        }

        return Content::TableParts === $may ? self::inOrder($content) : $content;
    }

    private function stands(Element|string $piece, Content $may): bool
    {
        return !\is_string($piece) && (Content::Blocks === $may ? $this->version->allowsBlock($piece->name) : \in_array($piece->name, $may->only(), true));
    }

    /**
     * What stands loose in a list or a table, within what may stand there: a row in a body, words in a cell of a row of a body.
     *
     * @param non-empty-list<Element|string> $loose
     */
    private static function wrapped(array $loose, string $in): Element
    {
        $inside = Content::of($in)->only();
        $isFitting = [] === $inside || (!\is_string($loose[0]) && \in_array($loose[0]->name, $inside, true));

        return Element::markup($in, [], $isFitting ? $loose : [self::wrapped($loose, $inside[0])]);
    }

    /** @return list<Element|string> */
    private function node(\DOMNode $node, Content $may, ?Element $place): array
    {
        if ($node instanceof \DOMText) {
            return [$node->data];
        }
        if (!$node instanceof \DOMElement) {
            return [];
        }
        $name = $node->nodeName;
        if (null !== $place && self::PLACE === $node->getAttribute('class')) {
            return [$place];
        }
        if (Regex::match('/^formula( is-apart)?( '.FormulasInHtml::BRACKETS.')?\z/', $node->getAttribute('class'), $match)) {
            return [$this->formula($node->textContent, '' !== ($match[1] ?? ''), isset($match[2]))];
        }
        $isInline = $this->version->allowsInline($name);
        $isBlock = $this->version->allowsBlock($name) && Content::Inline !== $may;
        if ('img' === $name && !$node->hasAttribute('src')) {
            return [$node->getAttribute('alt')];
        }
        if (!$isInline && !$isBlock && !\in_array($name, $may->parts(), true)) {
            return $this->without($node, $may, $place);
        }
        $inside = Content::of($name);
        $children = Content::Nothing === $inside ? [] : $this->children($node, $inside, $place);

        // A list or a table without anything in it is nothing.
        return [] === $children && [] !== $inside->only() ? [] : [Element::markup($name, $this->attributes($node), $children)];
    }

    /** @param bool $inBrackets whether its author wrote it between brackets with backslashes, which tells how it comes back */
    private function formula(string $tex, bool $isApart, bool $inBrackets): Element|string
    {
        $math = TexToMathMl::of($tex, $isApart);
        $document = new \DOMDocument();
        if (null !== $math && $document->loadXML($math) && null !== $document->documentElement) {
            return self::math($document->documentElement, ['xmlns' => TexToMathMl::SPACE] + ($inBrackets ? ['class' => FormulasInHtml::BRACKETS] : []));
        }
        $this->hasTex = true;

        return match (true) {
            $inBrackets => $isApart ? "\\[{$tex}\\]" : "\\({$tex}\\)",
            default => $isApart ? "\$\${$tex}\$\$" : "\${$tex}\$",
        };
    }

    /** @param array<string, string> $attributes besides its own */
    private static function math(\DOMElement $element, array $attributes = []): Element
    {
        foreach ($element->attributes as $attribute) {
            $attributes[$attribute->nodeName] = $attribute->nodeValue ?? '';
        }
        $children = [];
        foreach ($element->childNodes as $child) {
            if ($child instanceof \DOMElement) {
                $children[] = self::math($child);
            } elseif ($child instanceof \DOMText) {
                $children[] = $child->data;
            }
        }

        return Element::markup($element->nodeName, $attributes, $children);
    }

    /**
     * Its words without it.
     *
     * @return list<Element|string>
     */
    private function without(\DOMElement $node, Content $may, ?Element $place): array
    {
        $this->left[$node->nodeName] = true;
        $isParting = !$this->version->allowsInline($node->nodeName) && Content::Inline === $may && !\in_array($node->nodeName, ['u', 's', 'mark', 'del', 'ins'], true);
        $children = $this->children($node, [] === $may->only() ? $may : Content::Flow, $place);

        return $isParting && [] !== $children ? [' ', ...$children, ' '] : $children;
    }

    /** @return array<string, ?string> */
    private function attributes(\DOMElement $node): array
    {
        $attributes = [];
        foreach ($node->attributes as $attribute) {
            $name = $attribute->name;
            $value = $attribute->value;
            if ('lang' === $name && Regex::match('/\A[A-Za-z]{1,8}(?:-[A-Za-z0-9]{1,8})*\z/', $value)) {
                $attributes['xml:lang'] = $value;
            } elseif ($this->version->allowsAttribute($node->nodeName, $name) && (!\in_array($name, ['width', 'height', 'colspan', 'rowspan'], true) || Regex::match('/\A\d{1,5}\z/', $value))) {
                $attributes[$name] = $value;
            } elseif (!\in_array($name, ['class', 'rel', 'target'], true)) {
                $this->left[$name] = true;
            }
        }

        return 'img' === $node->nodeName ? $attributes + ['alt' => ''] : $attributes;
    }

    /**
     * The parts of a table in the order that the standard wants, with a body.
     *
     * @param list<Element|string> $parts
     *
     * @return list<Element|string>
     */
    private static function inOrder(array $parts): array
    {
        $named = ['caption' => [], 'thead' => [], 'tfoot' => [], 'tbody' => []];
        foreach ($parts as $part) {
            \assert($part instanceof Element);
            // A second head is a body.
            $name = 'tbody' !== $part->name && [] !== $named[$part->name] ? 'tbody' : $part->name;
            $named[$name][] = Element::markup($name, $part->attributes, $part->children);
        }
        foreach (['tfoot', 'thead', 'caption'] as $name) {
            if ([] === $named['tbody'] && [] !== $named[$name]) {
                $rows = $named[$name][0]->children;
                $named['tbody'][] = Element::markup('tbody', [], 'caption' === $name ? [Element::markup('tr', [], [Element::markup('td', [], $rows)])] : $rows);
                $named[$name] = [];
            }
        }

        return array_merge(...array_values($named));
    }
}
