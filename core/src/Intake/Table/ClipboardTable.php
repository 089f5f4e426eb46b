<?php

declare(strict_types=1);

namespace Notagram\Intake\Table;

use Notagram\Intake\Deadline;
use Notagram\Intake\LimitedTree;
use Notagram\Intake\MarkupLimits;
use Notagram\Intake\UnreadableDocument;
use Notagram\Intake\XmlElements;
use Notagram\Source\Regex;

/** The rows of a table that stands on the clipboard as HTML, as spreadsheets and web pages put them there. */
final class ClipboardTable
{
    /**
     * @return ?array<int, list<string>> by their numbers, from 1; null where there is more than one table, or words beside it
     *
     * @throws UnreadableDocument
     */
    public static function rows(string $html): ?array
    {
        if (1 !== Regex::matchAll('~<table\b~i', $html)) {
            return null;
        }
        MarkupLimits::checkPage($html);
        $document = LimitedTree::of($html, Deadline::start());
        $table = $document->getElementsByTagName('table')->item(0);
        if (null === $table || self::words($document->documentElement) !== self::words($table)) {
            return null;
        }
        $rows = [];
        foreach (XmlElements::within($table) as $row) {
            if ('tr' !== $row->localName) {
                continue;
            }
            $cells = [];
            foreach ($row->childNodes as $cell) {
                if ($cell instanceof \DOMElement && \in_array(strtolower($cell->localName ?? ''), ['td', 'th'], true)) {
                    array_push($cells, self::text($cell), ...array_fill(0, max(0, min(Table::MOST_COLUMNS, (int) $cell->getAttribute('colspan')) - 1), ''));
                }
            }
            $rows[\count($rows) + 1] = $cells;
        }

        return $rows;
    }

    /** How many letters a reader sees. */
    private static function words(?\DOMElement $element): int
    {
        $text = '';
        foreach (null === $element ? [] : [$element] as $root) {
            foreach (['style', 'script', 'title', 'xml'] as $unseen) {
                foreach (iterator_to_array($root->getElementsByTagName($unseen)) as $one) {
                    $one->parentNode?->removeChild($one);
                }
            }
            $text = $root->textContent;
        }

        return mb_strlen(Regex::replace('/\s++/u', '', $text));
    }

    private static function text(\DOMElement $cell): string
    {
        $text = '';
        foreach ($cell->childNodes as $node) {
            $name = strtolower($node->localName ?? '');
            $text .= match (true) {
                'br' === $name => "\n",
                $node instanceof \DOMElement && \in_array($name, ['p', 'div'], true) => ('' === $text ? '' : "\n").self::text($node),
                $node instanceof \DOMElement => self::text($node),
                $node instanceof \DOMText => Regex::replace('/\s++/', ' ', $node->data),
                default => '',
            };
        }

        return $text;
    }
}
