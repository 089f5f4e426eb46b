<?php

declare(strict_types=1);

namespace Notagram\Intake\Table;

use Notagram\Intake\Archive;
use Notagram\Intake\MarkupLimits;
use Notagram\Intake\UnreadableDocument;

/**
 * Reads an OpenDocument spreadsheet (OASIS OpenDocument 1.2) as a person sees it: the format keeps with each cell the words that it shows.
 *
 * One object reads one file, from its first byte to its last, so that a large one takes no more memory than its rows.
 */
final class OpenSpreadsheet
{
    private const TABLE = 'urn:oasis:names:tc:opendocument:xmlns:table:1.0';
    private const TEXT = 'urn:oasis:names:tc:opendocument:xmlns:text:1.0';
    private const OFFICE = 'urn:oasis:names:tc:opendocument:xmlns:office:1.0';

    /** @var list<WorkbookSheet> */
    private array $sheets = [];
    private string $title = '';
    /** @var array<int, list<string>> */
    private array $rows = [];
    /** @var array<int, bool> the places of hidden columns, from 0: whether something stands in them */
    private array $hidden = [];
    private int $hiddenRows = 0;
    private int $columns = 0;
    private int $number = 0;
    /** @var array<int, string> of the row that is open, by their places from 0 */
    private array $cells = [];
    private int $place = 0;
    private ?string $cell = null;
    private int $repeats = 1;
    private int $rowRepeats = 1;
    private bool $isRowHidden = false;

    private function __construct(private readonly \XMLReader $xml)
    {
    }

    /** @throws UnreadableDocument */
    public static function read(string $bytes): Table
    {
        $archive = Archive::of($bytes);
        if (str_contains($archive->part('META-INF/manifest.xml') ?? '', 'encryption-data')) {
            throw UnreadableDocument::encrypted();
        }
        $content = $archive->part('content.xml', Workbook::MAX_XML_MB) ?? throw UnreadableDocument::damaged();
        MarkupLimits::checkXml($content);
        $before = libxml_use_internal_errors(true);
        try {
            $xml = \XMLReader::XML($content, null, \LIBXML_NONET | \LIBXML_COMPACT);
            if (!$xml instanceof \XMLReader) {
                throw UnreadableDocument::damaged();
            }
            $reader = new self($xml);
            $reader->walk();
            if ([] !== libxml_get_errors()) {
                throw UnreadableDocument::damaged();
            }
        } finally {
            libxml_clear_errors();
            libxml_use_internal_errors($before);
        }

        return WorkbookSheet::firstOf($reader->sheets);
    }

    private function walk(): void
    {
        $hasMore = $this->xml->read();
        while ($hasMore) {
            // What somebody has noted at a cell is no part of it.
            $isNote = \XMLReader::ELEMENT === $this->xml->nodeType && self::OFFICE === $this->xml->namespaceURI && 'annotation' === $this->xml->localName;
            if (!$isNote) {
                $this->node();
            }
            $hasMore = $isNote ? $this->xml->next() : $this->xml->read();
        }
    }

    private function node(): void
    {
        match ($this->xml->nodeType) {
            \XMLReader::ELEMENT => $this->begins($this->xml->localName, $this->xml->namespaceURI),
            \XMLReader::END_ELEMENT => self::TABLE === $this->xml->namespaceURI ? $this->ends($this->xml->localName) : null,
            \XMLReader::TEXT, \XMLReader::CDATA => $this->text($this->xml->value),
            \XMLReader::WHITESPACE, \XMLReader::SIGNIFICANT_WHITESPACE => $this->text(' '),
            default => null,
        };
    }

    private function text(string $text): void
    {
        if (null !== $this->cell) {
            $this->cell .= $text;
        }
    }

    private function begins(string $name, string $namespace): void
    {
        $isEmpty = $this->xml->isEmptyElement;
        if (self::TEXT === $namespace && null !== $this->cell) {
            $this->cell .= match ($name) {
                'p', 'h' => '' === trim($this->cell) ? '' : "\n",
                's' => str_repeat(' ', min(500, max(1, (int) $this->xml->getAttributeNs('c', self::TEXT)))),
                'tab' => "\t",
                'line-break' => "\n",
                default => '',
            };

            return;
        }
        if (self::TABLE !== $namespace) {
            return;
        }
        match ($name) {
            'table' => $this->title = (string) $this->xml->getAttributeNs('name', self::TABLE),
            'table-column' => $this->column($this->repeated('number-columns-repeated')),
            'table-row' => $this->row(),
            'table-cell', 'covered-table-cell' => $this->cell = '',
            default => null,
        };
        if (\in_array($name, ['table-cell', 'covered-table-cell'], true)) {
            $this->repeats = $this->repeated('number-columns-repeated');
        }
        if ($isEmpty) {
            $this->ends($name);
        }
    }

    private function column(int $times): void
    {
        $visibility = $this->xml->getAttributeNs('visibility', self::TABLE);
        for ($at = 0; null !== $visibility && 'visible' !== $visibility && $at < min($times, Table::MOST_COLUMNS); ++$at) {
            $this->hidden[$this->columns + $at] = false;
        }
        $this->columns += $times;
    }

    private function row(): void
    {
        $this->cells = [];
        $this->place = 0;
        $this->rowRepeats = $this->repeated('number-rows-repeated');
        $visibility = $this->xml->getAttributeNs('visibility', self::TABLE);
        $this->isRowHidden = null !== $visibility && 'visible' !== $visibility;
    }

    private function ends(string $name): void
    {
        if ('table-cell' === $name || 'covered-table-cell' === $name) {
            $text = trim((string) $this->cell);
            for ($times = 0; '' !== $text && 'table-cell' === $name && $times < $this->repeats && $this->place + $times <= Table::MOST_COLUMNS; ++$times) {
                $this->cells[$this->place + $times] = $text;
            }
            $this->place += $this->repeats;
            $this->cell = null;
        } elseif ('table-row' === $name) {
            $this->rowEnds();
        } elseif ('table' === $name) {
            $this->sheets[] = new WorkbookSheet($this->title, array_filter($this->rows, static fn (array $cells) => [] !== $cells), $this->hiddenRows, \count(array_filter($this->hidden)));
            [$this->rows, $this->hidden, $this->hiddenRows, $this->columns, $this->number] = [[], [], 0, 0, 0];
        }
    }

    private function rowEnds(): void
    {
        $times = [] === $this->cells ? 0 : min($this->rowRepeats, Table::MOST_ROWS + 1);
        if ($this->isRowHidden) {
            $this->hiddenRows += $times;
        } else {
            for ($nth = 1; $nth <= $times; ++$nth) {
                $this->hidden = array_fill_keys(array_keys(array_intersect_key($this->cells, $this->hidden)), true) + $this->hidden;
                $this->rows[$this->number + $nth] = Workbook::filled($this->cells, $this->hidden);
            }
        }
        $this->number += $this->rowRepeats;
        if (\count($this->rows) > Table::MOST_ROWS + WithinLimits::MORE_ROWS) {
            throw UnreadableDocument::tooManyRows(Table::MOST_ROWS);
        }
    }

    private function repeated(string $attribute): int
    {
        return max(1, (int) $this->xml->getAttributeNs($attribute, self::TABLE));
    }
}
