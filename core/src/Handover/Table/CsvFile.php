<?php

declare(strict_types=1);

namespace Notagram\Handover\Table;

use Notagram\Source\Regex;

/** RFC 4180, in UTF-8; a cell that a spreadsheet would work out as a formula has an apostrophe before it. */
final readonly class CsvFile implements TableFile
{
    /** @param bool $hasBom some spreadsheets take a file without a byte-order mark for one in an old encoding */
    public function __construct(private bool $hasBom = false)
    {
    }

    public function id(): string
    {
        return 'csv';
    }

    public function label(): string
    {
        return 'CSV';
    }

    public function mediaType(): string
    {
        return 'text/csv; charset=UTF-8; header=present';
    }

    public function longestCell(): int
    {
        return \PHP_INT_MAX;
    }

    public function bytes(array $rows): string
    {
        return ($this->hasBom ? "\u{FEFF}" : '').implode('', array_map(static fn (array $row) => implode(',', array_map(self::cell(...), $row))."\r\n", $rows));
    }

    private static function cell(string $cell): string
    {
        $cell = self::asText($cell);

        return Regex::match('/[",\r\n]|^\s|\s\z/', $cell) ? '"'.str_replace('"', '""', $cell).'"' : $cell;
    }

    /** Safe from being worked out (OWASP, “CSV Injection”, from memory); an apostrophe of the text’s own before such a sign is doubled. */
    private static function asText(string $cell): string
    {
        return Regex::match("/^'*[=+\\-@\\t\\r]/", $cell) && !Regex::match('/^[+-]\d+(?:[.,]\d+)?\z/', $cell) ? "'".$cell : $cell;
    }
}
