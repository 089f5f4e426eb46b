<?php

declare(strict_types=1);

namespace Notagram\Notation\Printed;

use Notagram\Source\Regex;

/** Parts lines on which several things stand: options side by side or behind their stem, questions that run on. */
final class Pieces
{
    private const TOKEN = '/(?<![^\s])(?:(?<star>\*|[✓✔]\s?)?(?<open>[(\[])?(?<letter>[A-Za-z]|i{2,3}|iv|vi{1,3})(?<close>(?(open)[)\]]|(?:[.)\/]|[–-](?=\s))))(?<after>\*(?=\s))?(?=\s*\S)|(?<in>\()?(?<number>\d{1,3})(?(in)\)|[.)])(?=\s+\S))/u';
    private const BOX = '/(?<=\s|^)(?:[☐□◻▢❏❑○◯☑☒◉]|\[\s?\]|\[[xX]\]|\(\s\))\s*+(?=[^\s☐□◻▢❏❑○◯☑☒\[(])/u';
    private const ROMAN = ['ii' => 2, 'iii' => 3, 'iv' => 4, 'vi' => 6, 'vii' => 7, 'viii' => 8];

    /** @return list<Piece> */
    public static function of(Line $line): array
    {
        $text = $line->trimmed();
        $lead = substr($line->text, 0, \strlen($line->text) - \strlen(ltrim($line->text)));
        if (\strlen($text) < 8 || !Regex::match('/\s\*?[(\[]?(?:[A-Za-z](?:[.)\]\/]|[–-]\s)|i[ivx]{0,3}[.)])|[☐□◻▢❏❑○◯☑☒]|\[[ xX]?\]|\(\s\)|^A\s.*\s{2}B\s|^O\s.*\s{2}O\s/u', $text)) {
            return [new Piece($line, $lead, $text, false)];
        }
        $cuts = null === Lexer::truthsBehind($text) ? self::cuts($text) : [];
        if ([] === $cuts) {
            return [new Piece($line, $lead, $text, false)];
        }
        $pieces = [];
        $gap = $lead;
        foreach ([0, ...$cuts] as $index => $from) {
            $part = substr($text, $from, ($cuts[$index] ?? \strlen($text)) - $from);
            $trimmed = rtrim($part);
            if ('' !== $trimmed) {
                $pieces[] = new Piece($line, $gap, $trimmed, [] !== $pieces);
                $gap = '';
            }
            $gap .= substr($part, \strlen($trimmed));
        }

        return $pieces;
    }

    /** @return list<int> the places at which a new part begins, without the start */
    private static function cuts(string $text): array
    {
        $cuts = self::marks($text);
        if ([] === $cuts && Regex::match('/^O\s++\S.*(?:\s{2}|\t)O\s++\S/', $text)) {
            // A letter O for a box.
            Regex::matchAll('/(?<=\s{2}|\t)O\s++(?=\S)/', $text, $found, \PREG_OFFSET_CAPTURE);
            $cuts = array_column($found[0], 1);
        }
        if ([] === $cuts && Regex::matchAll(self::BOX, $text, $found, \PREG_OFFSET_CAPTURE) > 1) {
            $cuts = array_column($found[0], 1);
        }

        return array_values(array_filter($cuts, static fn (int $at) => $at > 0));
    }

    /** @return list<int> */
    private static function marks(string $text): array
    {
        Regex::matchAll(self::TOKEN, $text, $found, \PREG_SET_ORDER | \PREG_OFFSET_CAPTURE);
        $tokens = [];
        foreach ($found as $match) {
            $at = $match[0][1];
            $isWide = 0 === $at || Regex::match('/(?:\t|\s{2})\z/', substr($text, max(0, $at - 2), min(2, $at)));
            if ('' !== ($match['number'][0] ?? '')) {
                $tokens[] = ['#'.($match['in'][0] ?? ''), (int) $match['number'][0], $at, $isWide];
                continue;
            }
            $letter = $match['letter'][0] ?? '';
            $close = $match['close'][0] ?? '';
            $style = ($match['open'][0] ?? '').(ctype_upper($letter) ? 'A' : 'a').$close;
            if (\strlen($letter) > 1) {
                $tokens[] = ['roman'.$close, self::ROMAN[$letter] ?? 0, $at, $isWide];
            } else {
                $tokens[] = [$style, \ord(strtolower($letter)) - 96, $at, $isWide];
                if ('i' === $letter || 'v' === $letter) {
                    $tokens[] = ['roman'.$close, 'i' === $letter ? 1 : 5, $at, $isWide];
                }
            }
        }

        $cuts = self::chosen($text, $tokens);
        if ([] === $cuts && Regex::match('/^A\s++\S.*(?:\s{2}|\t)B\s/', $text)) {
            // Letters without a sign, which stand apart.
            Regex::matchAll('/(?:^|(?<=\s{2}|\t))([A-H])\s++(?=\S)/', $text, $found, \PREG_OFFSET_CAPTURE);
            $cuts = self::chosen($text, array_map(static fn (array $letter): array => ['A', \ord($letter[0]) - 64, $letter[1], true], $found[1]));
        }

        return $cuts;
    }

    /**
     * @param list<array{string, int, int, bool}> $tokens style, index, place, whether it stands apart
     *
     * @return list<int>
     */
    private static function chosen(string $text, array $tokens): array
    {
        $cuts = [];
        $style = '';
        $last = 0;
        $count = 0;
        $number = Regex::match('/^\(?(\d{1,3})[.)]\s/', $text, $match) ? (int) $match[1] : null;
        foreach ($tokens as $place => [$its, $index, $at, $isWide]) {
            if ('#' === $its[0]) {
                if (null !== $number && $index === $number + 1 && $count > 1) {
                    $cuts[] = $at;
                    $number = $index;
                    [$style, $last, $count] = ['', 0, 0];
                }
                continue;
            }
            $isNext = $its === $style && ($index === $last + 1 || ($isWide && $index > $last && $index <= $last + 4));
            $begins = '' === $style && ((1 === $index && self::goesOn($text, $tokens, $place)) || (0 === $at && $isWide && self::isColumn($tokens, $place)));
            if ($isNext || $begins) {
                $cuts[] = $at;
                [$style, $last] = [$its, $index];
                ++$count;
            }
        }

        return $cuts;
    }

    /**
     * Whether the next letters follow before the same one comes again: two where they stand apart, three elsewhere.
     *
     * @param list<array{string, int, int, bool}> $tokens
     */
    private static function goesOn(string $text, array $tokens, int $place): bool
    {
        [$style, $index, $from, $isWide] = $tokens[$place];
        $run = 1;
        for ($at = $place + 1; isset($tokens[$at]); ++$at) {
            [$its, $next, $where, $itIsWide] = $tokens[$at];
            if ($its !== $style) {
                continue;
            }
            if ($next === $tokens[$place][1] && $where !== $from) {
                break;
            }
            if ($next === $index + 1 || ($itIsWide && $next > $index && $next <= $index + 4)) {
                if (Regex::match('/^\S{1,3}\s*(?:and|or|und|oder|et|ou|y|o|e|en|of|,)?\s*\z/u', substr($text, $from, $where - $from)) && !$itIsWide) {
                    return false;
                }
                $index = $next;
                $isWide = $isWide || $itIsWide;
                ++$run;
            }
        }

        return $run > 2 || ($run > 1 && ($isWide || 0 === $from || !str_ends_with($text, '?')));
    }

    /** @param list<array{string, int, int, bool}> $tokens */
    private static function isColumn(array $tokens, int $place): bool
    {
        for ($at = $place + 1; isset($tokens[$at]); ++$at) {
            if ($tokens[$at][0] === $tokens[$place][0]) {
                return $tokens[$at][3] && $tokens[$at][1] > $tokens[$place][1];
            }
        }

        return false;
    }
}
