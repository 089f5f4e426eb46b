<?php

declare(strict_types=1);

namespace Notagram\Intake\Table;

use Notagram\Intake\Manuscript;
use Notagram\Intake\UnreadableDocument;
use Notagram\Source\FileKind;
use Notagram\Source\SourceText;

/** Tells a table from other files and texts, and reads it. */
final class TableFiles
{
    /** The endings of the files that are read as tables, whatever they hold. */
    public const ENDINGS = ['csv', 'tsv', 'xlsx', 'ods'];
    /** Lines that headings are looked for in. */
    private const LOOK = 20;
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
        $document = self::document($bytes);
        if (null !== $document) {
            return CsvText::read($document->text, "\t", $document->notes);
        }

        return FileKind::Text === FileKind::of($bytes) ? self::inText(SourceText::fromBytes($bytes)->text, $name) : null;
    }

    /**
     * What a document holds that is a table for certain, as a text to go on with: cells parted by tabs. Null for what is a text already, or none.
     *
     * @throws UnreadableDocument
     */
    public static function document(string $bytes): ?Manuscript
    {
        $table = match (FileKind::of($bytes)) {
            FileKind::Workbook => Workbook::read($bytes),
            FileKind::OpenDocumentSpreadsheet => OpenSpreadsheet::read($bytes),
            default => null,
        };

        return null === $table ? null : new Manuscript(CsvText::written($table), notes: $table->notes);
    }

    /**
     * The table that a text is, once more, after somebody may have written in it.
     *
     * @param ?string $fileName that it came under: it may say that it is a table
     *
     * @throws UnreadableDocument
     */
    public static function inText(string $text, ?string $fileName = null): ?Table
    {
        $ending = strtolower(pathinfo($fileName ?? '', \PATHINFO_EXTENSION));
        if ('' === trim($text) || !\in_array($ending, self::ENDINGS, true)) {
            return '' === trim($text) ? null : self::pasted($text);
        }

        return CsvText::read($text, 'csv' === $ending ? null : "\t");
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
        $rows = self::filled((null === $html ? null : ClipboardTable::rows($html)) ?? self::rowsIn($text) ?? []);
        if ([] === $rows || max(array_map(\count(...), $rows)) < 3) {
            return null;
        }
        $table = Table::of($rows);

        return Columns::of($table)->areTold() || (\count($rows) >= self::FEWEST_ROWS && self::areEven($rows)) ? $table : null;
    }

    /** @return ?array<int, list<string>> */
    private static function rowsIn(string $text): ?array
    {
        $separator = CsvText::separatorIn($text);
        // Prose has commas, and a printed test has tabs: only headings, or tabs in every line, make a table of them.
        if ("\t" !== $separator) {
            $start = self::filled(CsvText::rows(implode("\n", \array_slice(explode("\n", $text, self::LOOK + 1), 0, self::LOOK)), $separator));
            if ([] === $start || !Columns::of(Table::of($start))->areTold()) {
                return null;
            }
        }

        return CsvText::rows($text, $separator);
    }

    /**
     * @param array<int, list<string>> $rows
     *
     * @return array<int, list<string>> those with content
     */
    private static function filled(array $rows): array
    {
        return array_filter($rows, static fn (array $cells) => [] !== array_filter($cells, static fn (string $cell) => '' !== trim($cell)));
    }

    /**
     * Whether all rows are as wide, which has nothing to do with how many of their cells are filled.
     *
     * @param array<int, list<string>> $rows
     */
    private static function areEven(array $rows): bool
    {
        return 1 === \count(array_unique(array_map(\count(...), $rows)));
    }
}
