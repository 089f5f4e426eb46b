<?php

declare(strict_types=1);

namespace Notagram\Notation\Printed;

use Notagram\Source\Regex;

/** Parts lines on which several things stand: options side by side or behind their stem, questions that run on. */
final class Pieces
{
    private const LABEL = '/(?<![^\s])(?:(?<star>\*|[✓✔]\s?)?(?<open>[(\[])?(?<letter>[A-Za-z]|i{2,3}|iv|vi{1,3})(?<close>(?(open)[)\]]|(?:[.)\/]|[:–-](?=\s))))(?<after>\*(?=\s))?(?=\s*\S)|(?<in>\()?(?<number>\d{1,3})(?(in)\)|[.)])(?=\s+\S))/u';
    private const BOX = '/(?<=\s|^)(?:[☐□◻▢❏❑○◯☑☒◉]|\[\s?\]|\[[xX]\]|\(\s\))\s*+(?=[^\s☐□◻▢❏❑○◯☑☒\[(])/u';
    private const ROMAN = ['ii' => 2, 'iii' => 3, 'iv' => 4, 'vi' => 6, 'vii' => 7, 'viii' => 8];

    /** @return list<Piece> */
    public static function of(Line $line): array
    {
        $text = $line->trimmed();
        $lead = substr($line->text, 0, \strlen($line->text) - \strlen(ltrim($line->text)));
        if (\strlen($text) < 8 || !Regex::match('/\s\*?[(\[]?(?:[A-Za-z](?:[.)\]\/]|[:–-]\s)|i[ivx]{0,3}[.)])|[☐□◻▢❏❑○◯☑☒]|\[[ xX]?\]|\(\s\)|^A\s.*\s{2}B\s|^O\s.*\s{2}O\s/u', $text)) {
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
        Regex::matchAll(self::LABEL, $text, $found, \PREG_SET_ORDER | \PREG_OFFSET_CAPTURE);
        $labels = [];
        foreach ($found as $match) {
            $at = $match[0][1];
            $isWide = 0 === $at || Regex::match('/(?:\t|\s{2})\z/', substr($text, max(0, $at - 2), min(2, $at)));
            if ('' !== ($match['number'][0] ?? '')) {
                $labels[] = new InlineLabel('#'.($match['in'][0] ?? ''), (int) $match['number'][0], $at, $isWide);
                continue;
            }
            $letter = $match['letter'][0] ?? '';
            $close = $match['close'][0] ?? '';
            $style = ($match['open'][0] ?? '').(ctype_upper($letter) ? 'A' : 'a').$close;
            if (':' === $close && !$isWide) {
                // “Note A: see B: both are meant” within a sentence.
                continue;
            }
            if (\strlen($letter) > 1) {
                $labels[] = new InlineLabel('roman'.$close, self::ROMAN[$letter] ?? 0, $at, $isWide);
            } else {
                $labels[] = new InlineLabel($style, \ord(strtolower($letter)) - 96, $at, $isWide);
                if ('i' === $letter || 'v' === $letter) {
                    $labels[] = new InlineLabel('roman'.$close, 'i' === $letter ? 1 : 5, $at, $isWide);
                }
            }
        }

        $cuts = self::chosen($text, $labels);
        if ([] === $cuts && Regex::match('/^A\s++\S.*(?:\s{2}|\t)B\s/', $text)) {
            // Letters without a sign, which stand apart.
            Regex::matchAll('/(?:^|(?<=\s{2}|\t))([A-H])\s++(?=\S)/', $text, $found, \PREG_OFFSET_CAPTURE);
            $cuts = self::chosen($text, array_map(static fn (array $letter) => new InlineLabel('A', \ord($letter[0]) - 64, $letter[1], true), $found[1]));
        }

        return $cuts;
    }

    /**
     * @param list<InlineLabel> $labels
     *
     * @return list<int>
     */
    private static function chosen(string $text, array $labels): array
    {
        $cuts = [];
        $style = '';
        $last = 0;
        $count = 0;
        $number = Regex::match('/^\(?(\d{1,3})[.)]\s/', $text, $match) ? (int) $match[1] : null;
        foreach ($labels as $place => $label) {
            $index = $label->index;
            if ('#' === $label->style[0]) {
                if (null !== $number && $index === $number + 1 && $count > 1) {
                    $cuts[] = $label->at;
                    $number = $index;
                    [$style, $last, $count] = ['', 0, 0];
                }
                continue;
            }
            $isNext = $label->style === $style && ($index === $last + 1 || ($label->isWide && $index > $last && $index <= $last + 4));
            $begins = '' === $style && ((1 === $index && self::goesOn($text, $labels, $place)) || (0 === $label->at && $label->isWide && self::isColumn($labels, $place)));
            if ($isNext || $begins) {
                $cuts[] = $label->at;
                [$style, $last] = [$label->style, $index];
                ++$count;
            }
        }

        return $cuts;
    }

    /**
     * Whether the next letters follow before the same one comes again: two where they stand apart, three elsewhere.
     *
     * @param list<InlineLabel> $labels
     */
    private static function goesOn(string $text, array $labels, int $place): bool
    {
        $label = $labels[$place];
        $index = $label->index;
        $isWide = $label->isWide;
        $run = 1;
        for ($at = $place + 1; isset($labels[$at]); ++$at) {
            $next = $labels[$at];
            if ($next->style !== $label->style) {
                continue;
            }
            if ($next->index === $label->index && $next->at !== $label->at) {
                break;
            }
            if ($next->index === $index + 1 || ($next->isWide && $next->index > $index && $next->index <= $index + 4)) {
                if (Regex::match('/^\S{1,3}\s*(?:and|or|und|oder|et|ou|y|o|e|en|of|,)?\s*\z/u', substr($text, $label->at, $next->at - $label->at)) && !$next->isWide) {
                    return false;
                }
                $index = $next->index;
                $isWide = $isWide || $next->isWide;
                ++$run;
            }
        }

        return $run > 2 || ($run > 1 && ($isWide || 0 === $label->at || !str_ends_with($text, '?')));
    }

    /** @param list<InlineLabel> $labels */
    private static function isColumn(array $labels, int $place): bool
    {
        for ($at = $place + 1; isset($labels[$at]); ++$at) {
            if ($labels[$at]->style === $labels[$place]->style) {
                return $labels[$at]->isWide && $labels[$at]->index > $labels[$place]->index;
            }
        }

        return false;
    }
}
