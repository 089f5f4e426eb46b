<?php

declare(strict_types=1);

namespace Notagram\Handover\Paper;

use Masterminds\HTML5;
use Notagram\Question\KeptPicture;
use Notagram\Question\KeptPictures;
use Notagram\Source\Regex;

/** Makes lines of runs of safe HTML, for files that are no pages. One object reads one text. */
final class PaperRuns
{
    private const STYLES = ['b' => 'bold', 'strong' => 'bold', 'th' => 'bold', 'h1' => 'bold', 'h2' => 'bold', 'h3' => 'bold', 'h4' => 'bold', 'h5' => 'bold', 'h6' => 'bold', 'i' => 'italic', 'em' => 'italic', 'var' => 'italic', 'dfn' => 'italic', 'cite' => 'italic', 'u' => 'underline', 'ins' => 'underline', 'sup' => 'raised', 'sub' => 'lowered', 'code' => 'fixed', 'kbd' => 'fixed', 'samp' => 'fixed', 'pre' => 'fixed'];
    private const BLOCKS = ['p', 'div', 'h1', 'h2', 'h3', 'h4', 'h5', 'h6', 'ul', 'ol', 'li', 'dl', 'dt', 'dd', 'pre', 'blockquote', 'table', 'caption', 'tr', 'hr', 'figure', 'figcaption'];
    private const CELLS = ['td', 'th'];

    /** @var non-empty-list<list<PaperRun>> */
    private array $lines = [[]];

    /** @param array<string, KeptPicture> $pictures by the addresses that stand in the HTML */
    private function __construct(private readonly array $pictures)
    {
    }

    /**
     * @return non-empty-list<list<PaperRun>>
     */
    public static function of(string $html, KeptPictures $pictures): array
    {
        $runs = new self(array_column($pictures->all, null, 'address'));
        $runs->children((new HTML5(['disable_html_ns' => true]))->loadHTMLFragment($html), [], false);
        $lines = array_values(array_filter($runs->lines, static fn (array $line) => '' !== trim(implode('', array_map(static fn (PaperRun $run) => null === $run->picture ? $run->text : '*', $line)))));

        return [] === $lines ? [[]] : $lines;
    }

    /** @param list<string> $styles */
    private function children(\DOMNode $parent, array $styles, bool $isPreformatted): void
    {
        $number = 0;
        foreach ($parent->childNodes as $child) {
            if ($child instanceof \DOMText) {
                $this->words($child->data, $styles, $isPreformatted);
            } elseif ($child instanceof \DOMElement) {
                $this->element($child, $styles, $isPreformatted, 'li' === $child->nodeName ? ++$number : 0);
            }
        }
    }

    /** @param list<string> $styles */
    private function element(\DOMElement $element, array $styles, bool $isPreformatted, int $number): void
    {
        $name = $element->nodeName;
        $isBlock = \in_array($name, self::BLOCKS, true);
        if ($isBlock || 'br' === $name) {
            $this->lines[] = [];
        }
        $last = \count($this->lines) - 1;
        if ('li' === $name) {
            $this->lines[$last][] = new PaperRun('ol' === $element->parentNode?->nodeName ? "{$number}) " : '• ');
        } elseif (\in_array($name, self::CELLS, true) && [] !== $this->lines[$last]) {
            $this->lines[$last][] = new PaperRun("\t");
        } elseif ('img' === $name) {
            $picture = $this->pictures[$element->getAttribute('src')] ?? null;
            $this->lines[$last][] = new PaperRun($element->getAttribute('alt'), $styles, $picture);
        }
        $this->children($element, isset(self::STYLES[$name]) ? [...$styles, self::STYLES[$name]] : $styles, $isPreformatted || 'pre' === $name);
        if ($isBlock) {
            $this->lines[] = [];
        }
    }

    /** @param list<string> $styles */
    private function words(string $words, array $styles, bool $isPreformatted): void
    {
        foreach ($isPreformatted ? explode("\n", $words) : [Regex::replace('/[ \t\r\n\f]++/', ' ', $words)] as $index => $line) {
            if ($index > 0) {
                $this->lines[] = [];
            }
            $last = \count($this->lines) - 1;
            $line = [] === $this->lines[$last] && !$isPreformatted ? ltrim($line, ' ') : $line;
            if ('' !== $line) {
                $this->lines[$last][] = new PaperRun($line, $styles);
            }
        }
    }
}
