<?php

declare(strict_types=1);

namespace Notagram\Notation\Key;

use Notagram\Source\Regex;

/** Finds the key list of a test: by its heading, or by its layout alone. */
final class KeyPlace
{
    /** What is longer is a text, not an answer in a list. */
    private const LONGEST_ANSWER = 80;
    /** Lines from the top among which a key before the questions begins. */
    private const TOP = 12;

    /**
     * The line with which a key starts that ends the test; null where there is none.
     *
     * @param list<string>           $lines      without blanks around them
     * @param \Closure(string): bool $isQuestion whether a line belongs to a question: no key stands above the first of these
     */
    public static function in(array $lines, \Closure $isQuestion): ?int
    {
        $place = self::region($lines, $isQuestion);

        return null !== $place && \count($lines) === $place[1] ? $place[0] : null;
    }

    /**
     * The line with which the key starts, and the one behind its last; null where there is none.
     *
     * @param list<string>           $lines
     * @param \Closure(string): bool $isQuestion
     * @param int                    $questions how many there are, 0 where nobody has counted: letters alone are a key if they are as many
     *
     * @return ?array{int, int}
     */
    public static function region(array $lines, \Closure $isQuestion, int $questions = 0): ?array
    {
        $hasQuestion = false;
        $at = null;
        foreach ($lines as $index => $line) {
            if ('' === $line) {
                continue;
            }
            $hasQuestion = $hasQuestion || $isQuestion($line);
            if ($hasQuestion && KeyList::isHeading($line) && (null === $at || !KeyList::isPart($line))) {
                $at = $index;
            } elseif (null !== $at && Regex::match('/^(?:\(?[Aa][.)][ \t]++|[☐□◻▢❏❑○◯•▪]\s?(?!\d{1,4}[.:)]\s)|\[\s?\]\s*+)\S/u', $line)) {
                $at = null;
            }
        }
        $at ??= $hasQuestion ? self::byLayout($lines, $questions) : null;
        if (null !== $at && self::isKey(\array_slice($lines, $at))) {
            return [$at, \count($lines)];
        }

        return self::onTop($lines, $isQuestion);
    }

    /** @param list<string> $lines */
    private static function isKey(array $lines): bool
    {
        $entries = KeyList::read(implode("\n", $lines));
        foreach ($entries as $entry) {
            // Several forms of an answer, or what goes with what, may be long together.
            foreach (Regex::split('~ / |; ~', $entry->answer) as $part) {
                if (\strlen($part) > self::LONGEST_ANSWER || str_ends_with($part, '?')) {
                    return false;
                }
            }
        }

        return [] !== $entries;
    }

    /**
     * With a heading, before the first question: its lines up to a blank one.
     *
     * @param list<string>           $lines
     * @param \Closure(string): bool $isQuestion
     *
     * @return ?array{int, int}
     */
    private static function onTop(array $lines, \Closure $isQuestion): ?array
    {
        foreach (\array_slice($lines, 0, self::TOP) as $index => $line) {
            if (!KeyList::isHeading($line)) {
                if ($isQuestion($line)) {
                    return null;
                }
                continue;
            }
            $end = $index + 1;
            while (isset($lines[$end]) && '' !== $lines[$end]) {
                ++$end;
            }
            $entries = KeyList::read(implode("\n", \array_slice($lines, $index, $end - $index)));
            $isWhole = \count($entries) > 1 && [] === array_filter($entries, static fn (KeyEntry $entry) => !KeyList::isWholeAnswer($entry->answer));
            $below = array_filter(\array_slice($lines, $end), $isQuestion);

            return $isWhole && \count($below) > 1 ? [$index, $end] : null;
        }

        return null;
    }

    /**
     * What can be nothing else where a text ends: rows of numbers over rows of answers, a table of both, letters alone.
     *
     * @param list<string> $lines
     */
    private static function byLayout(array $lines, int $questions): ?int
    {
        $filled = array_keys(array_filter($lines, static fn (string $line) => '' !== $line));
        $last = \count($filled) - 1;
        if ($last < 1) {
            return null;
        }
        $at = $last;
        while ($at > 0 && [] !== KeyList::rows(self::cells($lines[$filled[$at - 1]]), self::cells($lines[$filled[$at]]))) {
            $at -= 2;
        }
        if ($at < $last) {
            return $filled[$at + 1];
        }
        // A table: a number and its answer in each row.
        $rows = 0;
        $at = $last;
        while ($at >= 0 && Regex::match('~^\|?\s*+\d{1,3}\.?[ ]*+[|\t]\s*+(\S[^|\t]*?)\s*+\|?\z~', $lines[$filled[$at]], $match) && KeyList::isWholeAnswer($match[1])) {
            --$at;
            ++$rows;
        }
        if ($rows > 1) {
            while ($at >= 0 && Regex::match('~^[\s|:+-]++\z|^\|?[^|\t\d?]{1,30}[|\t][^|\t\d?]{1,30}\|?\z~u', $lines[$filled[$at]])) {
                --$at;
            }

            return $filled[$at + 1];
        }
        // Letters alone, one a line, as many as there are questions.
        $letters = 0;
        $at = $last;
        while ($at >= 0 && Regex::match('~^\(?[A-Za-z][.)]?\z~', $lines[$filled[$at]])) {
            --$at;
            ++$letters;
        }

        return $letters > 1 && $letters === $questions ? $filled[$at + 1] : null;
    }

    private static function cells(string $line): string
    {
        return trim(Regex::replace('~(?<!\s)\s*+\|\s*+~', "\t", $line), "\t ");
    }
}
