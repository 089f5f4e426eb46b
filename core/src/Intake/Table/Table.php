<?php

declare(strict_types=1);

namespace Notagram\Intake\Table;

use Notagram\Intake\UnreadableDocument;
use Notagram\Message\Message;
use Notagram\Source\LineEnding;

/** Rows of cells as a spreadsheet shows them, without those that are empty. */
final readonly class Table
{
    public const MOST_ROWS = 20_000;
    public const MOST_COLUMNS = 60;

    /**
     * @param list<TableRow> $rows
     * @param list<Message>  $notes what was left out, or needs a look
     */
    private function __construct(public array $rows, public array $notes)
    {
    }

    /**
     * @param array<int, list<string>> $rows  by their numbers, from 1
     * @param list<Message>            $notes
     *
     * @throws UnreadableDocument
     */
    public static function of(array $rows, array $notes = []): self
    {
        $kept = [];
        $isWide = false;
        foreach ($rows as $number => $cells) {
            $isWide = $isWide || \count($cells) > self::MOST_COLUMNS;
            $row = new TableRow($number, array_map(self::shown(...), \array_slice($cells, 0, self::MOST_COLUMNS)));
            if (!$row->isEmpty()) {
                $kept[] = $row;
            }
        }
        if (\count($kept) > self::MOST_ROWS) {
            throw UnreadableDocument::tooManyRows(self::MOST_ROWS);
        }
        if ([] === $kept) {
            throw UnreadableDocument::emptyTable();
        }

        return new self($kept, $isWide ? [...$notes, Message::of('table/too-wide', most: self::MOST_COLUMNS)] : $notes);
    }

    /** What stands below its first row. */
    public function belowFirst(): self
    {
        return new self(\array_slice($this->rows, 1), $this->notes);
    }

    /** How many cells its widest row has. */
    public function width(): int
    {
        $width = 0;
        foreach ($this->rows as $row) {
            $filled = array_keys(array_filter($row->cells, static fn (string $cell) => '' !== $cell));
            $width = max($width, [] === $filled ? 0 : max($filled) + 1);
        }

        return $width;
    }

    private static function shown(string $cell): string
    {
        return trim(LineEnding::folded(str_replace("\u{A0}", ' ', $cell)));
    }
}
