<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy;

use Notagram\Source\Regex;

/** How a line starts an option, and the options that stand on one line. */
final class OptionMarks
{
    /** Boxes and bullets; the ticked ones mark. */
    public const BULLET = '/^(\*?\s*+)([☐□◻▢❏❑○◯◦•●▪■‣·]|[☑☒✓✔✗✘]|\[\s?\]|\[[xX]\]|\(\s\)|[–—-](?=\s))\s*+(?=\S)/u';
    public const TICKED = '/[☑☒✓✔✗✘]|\[[xX]\]/u';
    private const BOX = '(?:[☐□◻▢❏❑○◯☑☒]|\[\s?\]|\[[xX]\]|\(\s\))';
    private const LETTER = '\*?\(?([A-Za-z])[.)]\*?';

    /**
     * What the boxes on one line offer, each with its box, and what stands before the first.
     *
     * @return ?list<string> null where there are fewer than two boxes
     */
    public static function boxes(string $line): ?array
    {
        $parts = Regex::split('/(?<=\s|^)(?='.self::BOX.'\s*+(?!'.self::BOX.')\S)/u', trim(str_replace("\u{A0}", ' ', $line)));
        $parts = array_values(array_filter(array_map(trim(...), $parts), static fn (string $part) => '' !== $part));
        $boxes = array_filter($parts, static fn (string $part) => Regex::match('/^'.self::BOX.'/u', $part));

        return \count($boxes) > 1 ? $parts : null;
    }

    /** @return ?array{string, string, string} letter, the mark as written with its blanks and stars, the text after it */
    public static function letter(string $line): ?array
    {
        $line = ltrim(str_replace("\u{A0}", ' ', $line));

        return Regex::match('/^(\*?\s?\(?([A-Za-z])\*?[.)]\*?\s*+)(?=\S|\z)/', $line, $match) ? [$match[2], $match[1], substr($line, \strlen($match[1]))] : null;
    }

    /**
     * The options that stand on one line, from $from on: two at least, letters rising.
     *
     * @return list<array{string, string}> letter and whole option; empty where it is no such line
     */
    public static function row(string $line): array
    {
        $line = trim(str_replace("\u{A0}", ' ', $line));
        if (!Regex::match('/^'.self::LETTER.'\s.*\s'.self::LETTER.'\s/s', $line)) {
            return [];
        }
        $count = Regex::matchAll('/(?:^|\t\s*+|\s{2,}|(?<=\S)\s)('.self::LETTER.')(?=\s)/', $line, $found, \PREG_OFFSET_CAPTURE);
        $options = [];
        $from = 0;
        $last = '';
        for ($index = 0; $index < $count; ++$index) {
            $letter = strtolower($found[2][$index][0]);
            $at = $found[1][$index][1];
            $isWide = 0 === $at || Regex::match('/(?:\t|\s{2})\z/', substr($line, max(0, $at - 2), min(2, $at)));
            // One blank before the letter will do only where it is the very next one.
            if ('' !== $last && ($letter <= $last || (!$isWide && \ord($letter) !== \ord($last) + 1))) {
                continue;
            }
            if ('' !== $last) {
                $options[] = [$last, trim(substr($line, $from, $at - $from))];
            }
            [$last, $from] = [$letter, $at];
        }
        $options[] = [$last, trim(substr($line, $from))];

        return \count($options) > 1 ? $options : [];
    }

    /**
     * A stem with its options behind it on the same line.
     *
     * @return ?array{string, list<array{string, string}>}
     */
    public static function behindStem(string $line): ?array
    {
        $last = self::lastRun($line, ['b', 'c']);
        Regex::matchAll('/(?<=\S)(\s++)(?=\*?\(?[aA][.)]\*?\s)/', $line, $places, \PREG_OFFSET_CAPTURE);
        foreach ($places[1] as [$gap, $at]) {
            $behind = $at + \strlen($gap);
            $isWide = \strlen($gap) > 1 || "\t" === $gap;
            if ($isWide || ($behind < $last && Regex::match('/\G\(?[aA][.)]\s\S/', $line, $match, 0, $behind))) {
                $options = self::row(substr($line, $behind));

                return [] === $options ? null : [substr($line, 0, $at), $options];
            }
        }

        return null;
    }

    /**
     * The last place of a line from which on the marks of these letters stand in order, each behind a blank; −1 where they do not.
     *
     * @param list<string> $letters in small letters
     */
    public static function lastRun(string $line, array $letters): int
    {
        $end = \strlen($line);
        foreach (array_reverse($letters) as $letter) {
            Regex::matchAll("/(?<=\\s)\\(?{$letter}[.)](?=\\s*+\\S)/i", substr($line, 0, $end), $places, \PREG_OFFSET_CAPTURE);
            $place = $places[0][\count($places[0]) - 1] ?? null;
            if (null === $place) {
                return -1;
            }
            $end = $place[1];
        }

        return $end;
    }
}
