<?php

declare(strict_types=1);

namespace Notagram\Intake\Table;

use Notagram\Intake\UnreadableDocument;
use Notagram\Message\Message;
use Notagram\Source\LineEnding;
use Notagram\Source\Regex;

/** Reads rows of cells that a sign parts: RFC 4180, and what spreadsheets write besides it. */
final class CsvText
{
    private const SEPARATORS = ["\t", ';', ',', '|'];
    /** So many rows tell which sign it is. */
    private const LOOK = 40;

    /**
     * @param ?string       $separator null to find it out
     * @param list<Message> $notes     what is to be said of the table
     *
     * @throws UnreadableDocument
     */
    public static function read(string $text, ?string $separator = null, array $notes = []): Table
    {
        $rows = self::rows($text, $separator);
        $last = array_key_last($rows);
        // One more mark closes a cell that is open; where none is, it begins a row of its own.
        if (null !== $last && 1 === substr_count($text, '"') % 2 && \count(self::rows(rtrim($text)."\n\"", $separator)) === $last) {
            $notes[] = Message::of('table/open-quote', row: $last);
        }

        return Table::of($rows, $notes);
    }

    /** The rows as a text, all of them as wide, cells parted by tabs; a row without content is an empty line, so that each keeps its number. */
    public static function written(Table $table): string
    {
        $lines = [];
        $width = $table->width();
        foreach ($table->rows as $row) {
            while (\count($lines) + 1 < $row->number && \count($lines) < Table::MOST_ROWS) {
                $lines[] = '';
            }
            $cells = array_map(static fn (string $cell): string => Regex::match('/[\t\n"]|^\'+[=+\-@]/', $cell) ? '"'.str_replace('"', '""', self::guarded($cell)).'"' : $cell, array_pad(\array_slice($row->cells, 0, $width), $width, ''));
            $lines[] = implode("\t", $cells);
        }

        return implode("\n", $lines)."\n";
    }

    private static function guarded(string $cell): string
    {
        return Regex::match("/^'+[=+\\-@]/", $cell) ? "'".$cell : $cell;
    }

    /**
     * @return array<int, list<string>> by the number that a spreadsheet gives each; without the line that names the separator
     */
    public static function rows(string $text, ?string $separator = null): array
    {
        $text = LineEnding::folded($text);
        // Some spreadsheets write, and want, the sign on a line of its own.
        if (Regex::match('/\A"?sep=([^\n"])"?\n/i', $text, $match)) {
            $text = substr($text, \strlen($match[0]));
            $separator ??= $match[1];
        }

        return self::parted($text, $separator ?? self::separatorIn($text));
    }

    /** The sign that parts most rows into equally many cells; a comma where none does. */
    public static function separatorIn(string $text): string
    {
        $start = self::start($text);
        $best = ',';
        $most = 0.0;
        foreach (self::SEPARATORS as $separator) {
            $widths = array_count_values(array_map(\count(...), array_filter(self::parted($start, $separator), static fn (array $cells) => [''] !== $cells)));
            unset($widths[1]);
            if ([] === $widths) {
                continue;
            }
            arsort($widths);
            $width = array_key_first($widths);
            // Of two that part equally many rows alike, the one that parts them further.
            $score = $widths[$width] + min(0.9, $width / 100);
            if ($score > $most) {
                [$best, $most] = [$separator, $score];
            }
        }

        return $best;
    }

    private static function start(string $text): string
    {
        return implode("\n", \array_slice(explode("\n", $text, self::LOOK + 1), 0, self::LOOK));
    }

    /** @return array<int, list<string>> */
    private static function parted(string $text, string $separator): array
    {
        $stream = fopen('php://memory', 'r+');
        \assert(false !== $stream);
        fwrite($stream, self::withQuotesDoubled($text, preg_quote($separator, '~')));
        rewind($stream);
        $rows = [];
        for ($number = 1; false !== $cells = fgetcsv($stream, null, $separator, '"', ''); ++$number) {
            $rows[$number] = array_map(static fn (?string $cell): string => self::withoutGuard($cell ?? ''), $cells);
        }
        fclose($stream);

        return $rows;
    }

    /** Quotation marks inside a quoted cell that somebody forgot to double: else they would come out in another place. */
    private static function withQuotesDoubled(string $text, string $separator): string
    {
        if (!Regex::match("~[^{$separator}\\n\"]\"[^{$separator}\\n\"]~", $text)) {
            return $text;
        }
        $inside = "(?:[^\"]++|\"\"|\"(?!{$separator}|\\n|\\z))*+";

        return Regex::replaceBy("~(?<![^{$separator}\\n])\"({$inside})\"~", static fn (array $cell) => '"'.Regex::replace('/""|"/', '""', $cell[1]).'"', $text);
    }

    /** An apostrophe that keeps a spreadsheet from working a cell out is not part of it. */
    private static function withoutGuard(string $cell): string
    {
        return Regex::match("/^'+[=+\\-@\\t\\r]/", $cell) ? substr($cell, 1) : $cell;
    }
}
