<?php

declare(strict_types=1);

namespace Notagram\Notation\Key;

use Notagram\Source\Regex;

/** Finds the key list that ends a test. */
final class KeyPlace
{
    /** What is longer is a text, not an answer in a list. */
    private const LONGEST_ANSWER = 80;

    /**
     * The line with which it starts; null where there is none.
     *
     * @param list<string>           $lines      without blanks around them
     * @param \Closure(string): bool $isQuestion whether a line belongs to a question: no key stands above the first of these
     */
    public static function in(array $lines, \Closure $isQuestion): ?int
    {
        $hasQuestion = false;
        $at = null;
        foreach ($lines as $index => $line) {
            if ('' === $line) {
                continue;
            }
            $hasQuestion = $hasQuestion || $isQuestion($line);
            if (null === $at && $hasQuestion && KeyList::isHeading($line)) {
                $at = $index;
            } elseif (null !== $at && Regex::match('/^\(?[Aa][.)][ \t]++\S/', $line)) {
                $at = null;
            }
        }
        $at ??= $hasQuestion ? self::tableIn($lines) : null;
        $entries = null === $at ? [] : KeyList::read(implode("\n", \array_slice($lines, $at)));
        foreach ($entries as $entry) {
            if (\strlen($entry->answer) > self::LONGEST_ANSWER || str_ends_with($entry->answer, '?')) {
                return null;
            }
        }

        return [] === $entries ? null : $at;
    }

    /**
     * A row of numbers over a row of answers, with which the text ends.
     *
     * @param list<string> $lines
     */
    private static function tableIn(array $lines): ?int
    {
        $filled = array_keys(array_filter($lines, static fn (string $line) => '' !== $line));
        $at = $filled[\count($filled) - 2] ?? null;

        return null !== $at && [] !== KeyList::rows($lines[$at], $lines[$filled[\count($filled) - 1]]) ? $at : null;
    }
}
