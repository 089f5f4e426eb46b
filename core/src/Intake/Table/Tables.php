<?php

declare(strict_types=1);

namespace Notagram\Intake\Table;

use Notagram\Intake\UnreadableDocument;
use Notagram\Source\FileKind;
use Notagram\Source\Regex;
use Notagram\Source\SourceText;

/** Tells a table from other files and texts, and reads it. */
final class Tables
{
    /** The endings of the files that are read as tables, whatever they hold. */
    public const ENDINGS = ['csv', 'tsv', 'xlsx', 'ods'];
    /** Fewer rows may be anything. */
    private const FEWEST_ROWS = 3;

    /**
     * @param string $name of the file, if it has one
     *
     * @return ?Table null where the file is none
     *
     * @throws UnreadableDocument
     */
    public static function read(string $bytes, string $name = ''): ?Table
    {
        $kind = FileKind::of($bytes);

        return match (true) {
            FileKind::Workbook === $kind => Workbook::read($bytes),
            FileKind::OpenDocumentSpreadsheet === $kind => OpenSpreadsheet::read($bytes),
            FileKind::Text !== $kind => null,
            Regex::match('/\.tsv\z/i', $name) => CsvText::read(SourceText::fromBytes($bytes)->text, "\t"),
            Regex::match('/\.csv\z/i', $name) => CsvText::read(SourceText::fromBytes($bytes)->text),
            default => self::pasted(SourceText::fromBytes($bytes)->text),
        };
    }

    /**
     * A table among texts that may be anything: its headings say that it is one, or all of its lines have as many tabs.
     *
     * @param ?string $html the same as HTML, where the clipboard had it
     *
     * @throws UnreadableDocument
     */
    public static function pasted(string $text, ?string $html = null): ?Table
    {
        $rows = (null === $html ? null : ClipboardTable::rows($html)) ?? self::rowsIn($text);
        $rows = array_filter($rows ?? [], static fn (array $cells) => [] !== array_filter($cells, static fn (string $cell) => '' !== trim($cell)));
        if ([] === $rows || max(array_map(\count(...), $rows)) < 3) {
            return null;
        }
        $table = Table::of($rows);

        return Columns::of($table)->areTold() || (\count($rows) >= self::FEWEST_ROWS && (null !== $html || self::isEven($text))) ? $table : null;
    }

    /** @return ?array<int, list<string>> */
    private static function rowsIn(string $text): ?array
    {
        $separator = CsvText::separatorIn($text);
        $head = substr($text, 0, strcspn($text, "\n", min(\strlen($text), 2_000)) + 2_000);

        // Prose has commas, and a printed test has tabs: only headings, or tabs in every line, make a table of them.
        return "\t" === $separator || Columns::of(self::tableOf($head, $separator) ?? Table::of([1 => ['-']]))->areTold() ? CsvText::rows($text, $separator) : null;
    }

    private static function tableOf(string $text, string $separator): ?Table
    {
        $rows = array_filter(CsvText::rows($text, $separator), static fn (array $cells) => [] !== array_filter($cells, static fn (string $cell) => '' !== trim($cell)));

        return [] === $rows ? null : Table::of(\array_slice($rows, 0, 50, true));
    }

    /** Whether every line has as many tabs, at least two. */
    private static function isEven(string $text): bool
    {
        $counts = array_unique(array_map(static fn (string $line) => substr_count($line, "\t"), array_filter(explode("\n", trim($text)), static fn (string $line) => '' !== trim($line))));

        return 1 === \count($counts) && reset($counts) > 1;
    }
}
