<?php

declare(strict_types=1);

namespace Notagram\Intake\Table;

final readonly class TableRow
{
    /**
     * @param int          $number as the spreadsheet counts it, from 1
     * @param list<string> $cells  as they are shown, without blanks around them; lines within one are parted by LF
     */
    public function __construct(public int $number, public array $cells)
    {
    }

    public function cell(int $column): string
    {
        return $this->cells[$column] ?? '';
    }

    public function isEmpty(): bool
    {
        return [] === array_filter($this->cells, static fn (string $cell) => '' !== $cell);
    }
}
