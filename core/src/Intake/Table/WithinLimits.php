<?php

declare(strict_types=1);

namespace Notagram\Intake\Table;

use PhpOffice\PhpSpreadsheet\Cell\Coordinate;
use PhpOffice\PhpSpreadsheet\Reader\IReadFilter;

/** Keeps a spreadsheet from being read beyond the largest table. */
final class WithinLimits implements IReadFilter
{
    /** Whether there is a cell below the last row that is read. */
    public bool $hasMore = false;

    /** @var array<string, bool> by the name of the column */
    private array $isWithin = [];

    /** Headings, a title and blank rows come on top of the rows of questions. */
    public const MORE_ROWS = 100;

    public function readCell(string $columnAddress, int $row, string $worksheetName = ''): bool
    {
        if ($row > Table::MOST_ROWS + self::MORE_ROWS) {
            $this->hasMore = true;

            return false;
        }

        return $this->isWithin[$columnAddress] ??= Coordinate::columnIndexFromString($columnAddress) <= Table::MOST_COLUMNS + 1;
    }
}
