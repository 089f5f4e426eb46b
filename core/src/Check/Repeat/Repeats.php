<?php

declare(strict_types=1);

namespace Notagram\Check\Repeat;

use Notagram\Source\Regex;

/**
 * Finds questions that ask the same, without comparing each with each.
 *
 * Two stems repeat each other if their telling words are the same, in one order and with common answers, or in another
 * order with the same key; if one has a few words more and the same key; or if one word is spelled otherwise and the key is
 * the same. A shared frame that differs in a telling word (“capital of …?”) is no repeat.
 */
final class Repeats
{
    /** Words that more stems share tell nothing: they are a frame for what differs. */
    private const MOST_ALIKE = 50;

    /** @var array<string, list<int>> the prints with these words, sorted */
    private array $bySameWords = [];
    /** @var array<string, list<int>> the prints with this key and these words */
    private array $byKeyAndWords = [];
    /** @var array<string, list<int>> the prints that have this key, and these words when one of theirs is left out */
    private array $byAllButOne = [];
    /** @var list<StemPrint> */
    private array $prints = [];

    /**
     * Each question of the list that repeats an earlier one of it, or one of the others.
     *
     * @param list<StemPrint> $here
     * @param list<StemPrint> $others
     *
     * @return list<Repeat> at most one for each
     */
    public static function among(array $here, array $others = []): array
    {
        $self = new self();
        foreach ($others as $print) {
            $self->remember($print);
        }
        $repeats = [];
        foreach ($here as $print) {
            $repeat = $self->repeatOf($print);
            if (null !== $repeat) {
                $repeats[] = $repeat;
            }
            $self->remember($print);
        }

        return $repeats;
    }

    private function remember(StemPrint $print): void
    {
        $index = \count($this->prints);
        $this->prints[] = $print;
        $sorted = self::sorted($print->words);
        $this->bySameWords[$sorted][] = $index;
        if ('' === $print->key) {
            return;
        }
        $this->byKeyAndWords["{$print->key}\n{$sorted}"][] = $index;
        foreach (self::allButOne($print->words) as $words => $left) {
            $this->byAllButOne["{$print->key}\n{$words}"][] = $index;
        }
    }

    private function repeatOf(StemPrint $print): ?Repeat
    {
        $same = $this->bySameWords[self::sorted($print->words)] ?? [];
        foreach (\array_slice($same, -self::MOST_ALIKE) as $index) {
            $other = $this->prints[$index];
            if ($other->words === $print->words ? self::shareAnswers($other, $print) : (!$print->isTrueFalse && $other->key === $print->key)) {
                return new Repeat($other, $print, self::likeness($other->stem, $print->stem));
            }
        }
        if ('' === $print->key) {
            return null;
        }
        foreach (self::allButOne($print->words) as $words => $left) {
            // One word more here than there, or a word spelled otherwise.
            $candidates = [...$this->byKeyAndWords["{$print->key}\n{$words}"] ?? [], ...$this->byAllButOne["{$print->key}\n{$words}"] ?? []];
            foreach (\count($candidates) > self::MOST_ALIKE ? [] : $candidates as $index) {
                if ($this->isNearly($print, $this->prints[$index], $left)) {
                    return new Repeat($this->prints[$index], $print, self::likeness($this->prints[$index]->stem, $print->stem));
                }
            }
        }
        // One word more there than here.
        $longer = $this->byAllButOne["{$print->key}\n".self::sorted($print->words)] ?? [];
        foreach (\count($longer) > self::MOST_ALIKE ? [] : $longer as $index) {
            $other = $this->prints[$index];
            $more = array_values(array_diff($other->words, $print->words));
            if (self::mayBeMore($more, $print)) {
                return new Repeat($other, $print, self::likeness($other->stem, $print->stem));
            }
        }

        return null;
    }

    private function isNearly(StemPrint $print, StemPrint $other, string $left): bool
    {
        $instead = array_values(array_diff($other->words, $print->words));
        if ([] === $instead) {
            return self::mayBeMore([$left], $other);
        }

        return 1 === \count($instead) && \count($print->words) === \count($other->words) && self::isSpelledOtherwise($left, $instead[0]);
    }

    /** @param list<string> $more the words that the longer one has besides */
    private static function mayBeMore(array $more, StemPrint $shorter): bool
    {
        return 1 === \count($more) && !$shorter->isTrueFalse && \count($shorter->words) >= 3 && Regex::match('/^\p{L}{4,}\z/u', $more[0]);
    }

    private static function isSpelledOtherwise(string $one, string $other): bool
    {
        return \strlen($one) >= 5 && $one[0] === $other[0] && !Regex::match('/\d/', $one.$other) && levenshtein($one, $other) <= 2;
    }

    private static function shareAnswers(StemPrint $one, StemPrint $other): bool
    {
        if ([] === $one->answers || [] === $other->answers) {
            return true;
        }
        $shared = \count(array_intersect(array_unique($one->answers), $other->answers));

        // “Which of these is right?” says little: what is offered must say the rest.
        return \count($one->words) >= 3 ? $shared > 0 : 2 * $shared > min(\count($one->answers), \count($other->answers));
    }

    /** @param list<string> $words */
    private static function sorted(array $words): string
    {
        sort($words);

        return implode(' ', $words);
    }

    /**
     * @param list<string> $words
     *
     * @return array<string, string> the words without each of them, and which was left out; none where few are left
     */
    private static function allButOne(array $words): array
    {
        $count = \count($words);
        if ($count < 3 || $count > 60) {
            return [];
        }
        sort($words);
        $keys = [];
        foreach ($words as $index => $word) {
            $others = $words;
            unset($others[$index]);
            $keys[implode(' ', $others)] = $word;
        }

        return $keys;
    }

    /** One less the edit distance by characters over the length of the longer. */
    private static function likeness(string $one, string $other): int
    {
        if ($one === $other) {
            return 100;
        }
        $length = max(mb_strlen($one, 'UTF-8'), mb_strlen($other, 'UTF-8'));
        if (0 === $length || $length > 1_000) {
            return 99;
        }

        return (int) min(99, floor(100 * (1 - self::editDistance($one, $other) / $length)));
    }

    /** By characters: each that occurs is given a byte of its own, since levenshtein() counts bytes. */
    private static function editDistance(string $one, string $other): int
    {
        $bytes = [];
        $coded = ['', ''];
        foreach ([$one, $other] as $which => $text) {
            foreach (mb_str_split($text, 1, 'UTF-8') as $character) {
                $coded[$which] .= \chr($bytes[$character] ??= min(255, \count($bytes)));
            }
        }

        return levenshtein(...$coded);
    }
}
