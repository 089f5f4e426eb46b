<?php

declare(strict_types=1);

namespace Notagram\Intake\Terms;

use Notagram\Intake\Table\ColumnWords;
use Notagram\Intake\Table\CsvText;
use Notagram\Intake\Table\Table;
use Notagram\Intake\Table\TableRow;
use Notagram\Message\Message;
use Notagram\Notation\PaperWords;
use Notagram\Source\LineEnding;
use Notagram\Source\Regex;

/** A list of terms with their definitions, one to a line. */
final readonly class TermList
{
    /** What parts the two sides, the same on every line; of two that part as many lines, the one named first. */
    private const SEPARATORS = ['\t++', '\s++=\s++', '\s++[–—]\s++', '\s++-\s++', '\s*+:\s++', '\s{2,}+'];
    /** Fewer lines may be anything. */
    private const FEWEST = 3;
    private const LONGEST_NAMED = 60;
    private const MOST_NAMED = 10;

    /**
     * @param list<TermPair> $pairs each once, in order
     * @param list<Message>  $notes
     */
    private function __construct(public array $pairs, public array $notes)
    {
    }

    /** Null where hardly any line has two sides. */
    public static function in(string $text): ?self
    {
        $lines = self::lines($text);
        $separator = self::separatorIn($lines);
        if (null === $separator) {
            return null;
        }
        $sides = $notes = $without = [];
        foreach ($lines as $number => $line) {
            $parts = Regex::split("~{$separator}~u", $line, 2);
            if (2 === \count($parts) && '' !== trim($parts[0]) && '' !== trim($parts[1])) {
                $sides[] = [trim($parts[0]), trim($parts[1])];
            } else {
                $without[] = Message::of('terms/line', line: $number, text: mb_strimwidth($line, 0, self::LONGEST_NAMED, '…'));
            }
        }
        $more = \count($without) - self::MOST_NAMED;
        $notes = [...\array_slice($without, 0, self::MOST_NAMED), ...($more > 0 ? [Message::of('terms/more-lines', count: $more)] : [])];

        return self::of($sides, $notes);
    }

    /** Two columns of a table. Null where it has more, or only one. */
    public static function ofTable(Table $table): ?self
    {
        if (2 !== $table->width()) {
            return null;
        }
        $isFull = static fn (TableRow $row): bool => '' !== $row->cell(0) && '' !== $row->cell(1);
        $without = array_values(array_filter($table->rows, static fn (TableRow $row) => !$isFull($row)));

        return self::of(
            array_values(array_map(static fn (TableRow $row) => [$row->cell(0), $row->cell(1)], array_filter($table->rows, $isFull))),
            [...$table->notes, ...array_map(static fn (TableRow $row) => Message::of('terms/line', line: $row->number, text: mb_strimwidth($row->cell(0).$row->cell(1), 0, self::LONGEST_NAMED, '…')), \array_slice($without, 0, self::MOST_NAMED))],
        );
    }

    /** A text that may be anything: a list where every one of its lines is a pair, and no two begin alike. */
    public static function recognised(string $text): ?self
    {
        $lines = self::lines($text);
        $separator = self::separatorIn($lines);
        if (null === $separator || \count($lines) < self::FEWEST) {
            return null;
        }
        $firsts = [];
        foreach ($lines as $line) {
            $parts = Regex::split("~{$separator}~u", $line);
            // Braces, marks of answers and letters of options are those of notations.
            if (2 !== \count($parts) || Regex::match('/[{}]|\?\s*\z|^\s*(?:[=~*]|::|\/\/|[A-Ha-h][.)]\s)|__/u', $line)) {
                return null;
            }
            $firsts[mb_strtolower(trim($parts[0]))] = true;
        }

        return 2 * \count($firsts) > \count($lines) ? self::in($text) : null;
    }

    /** The language that a question about the list is asked in. */
    public function language(): string
    {
        return PaperWords::all()->languageOf(implode("\n", array_map(static fn (TermPair $pair) => $pair->definition.' '.$pair->term, $this->pairs)));
    }

    /** @return array<int, string> what is on the lines that are not blank, by their numbers from 1; without what counts all of them */
    private static function lines(string $text): array
    {
        $lines = [];
        foreach (explode("\n", LineEnding::folded($text)) as $index => $line) {
            if ('' !== trim($line)) {
                $lines[$index + 1] = str_contains($line, '"') && str_contains($line, "\t") ? implode("\t", CsvText::rows($line, "\t")[1] ?? []) : trim($line, " \f\v");
            }
        }
        foreach (['/^\s*\(?\d{1,4}[.)]\s++/', '/^\s*[-•*+]\s++/u'] as $sign) {
            if ([] !== $lines && [] === array_filter($lines, static fn (string $line) => !Regex::match($sign, $line))) {
                $lines = array_map(static fn (string $line) => Regex::replace($sign, '', $line), $lines);
            }
        }

        return $lines;
    }

    /** @param array<int, string> $lines */
    private static function separatorIn(array $lines): ?string
    {
        $best = null;
        $most = 0;
        foreach (self::SEPARATORS as $separator) {
            $parted = \count(array_filter($lines, static fn (string $line) => Regex::match("~\\S(?:{$separator})\\S~u", $line)));
            if ($parted > $most) {
                [$best, $most] = [$separator, $parted];
            }
        }

        return 2 * $most > \count($lines) ? $best : null;
    }

    /**
     * @param list<array{string, string}> $sides
     * @param list<Message>               $notes
     */
    private static function of(array $sides, array $notes): ?self
    {
        if ([] === $sides) {
            return null;
        }
        $term = ColumnWords::all()->termIn($sides[0][0], $sides[0][1]);
        if (null !== $term) {
            array_shift($sides);
        }
        // The longer side is the definition.
        $length = static fn (int $side): int => array_sum(array_map(static fn (array $pair) => mb_strlen($pair[$side]), $sides));
        $term ??= $length(0) > $length(1) ? 1 : 0;
        $pairs = [];
        foreach ($sides as $pair) {
            $pairs[mb_strtolower("{$pair[0]}\n{$pair[1]}")] ??= new TermPair($pair[$term], $pair[1 - $term]);
        }
        $twice = \count($sides) - \count($pairs);

        return new self(array_values($pairs), $twice > 0 ? [...$notes, Message::of('terms/twice', count: $twice)] : $notes);
    }
}
