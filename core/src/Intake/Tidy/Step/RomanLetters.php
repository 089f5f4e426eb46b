<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy\Step;

use Notagram\Intake\Tidy\Draft;
use Notagram\Intake\Tidy\PaperQuestion;
use Notagram\Intake\Tidy\TidyStep;
use Notagram\Notation\PaperWords;
use Notagram\Source\Regex;

/** Gives options the letters a, b, c for the Roman i, ii, iii. Statements that lettered options speak of stay, and so do the parts of a task. */
final readonly class RomanLetters implements TidyStep
{
    private const LETTERS = ['i' => 'a', 'ii' => 'b', 'iii' => 'c', 'iv' => 'd', 'v' => 'e', 'vi' => 'f', 'vii' => 'g', 'viii' => 'h', 'ix' => 'i', 'x' => 'j'];
    private const NUMERAL = '(i{1,3}|iv|vi{0,3}|ix|x)';
    private const MARK = '(\*?\(?)'.self::NUMERAL.'([.)])\s++';

    public function name(): string
    {
        return 'roman-letters';
    }

    public function label(): string
    {
        return 'Roman letters of options';
    }

    public function apply(Draft $draft): void
    {
        $scan = $draft->scan();
        $made = [];
        foreach ($scan->questions as $question) {
            $options = self::optionsOf($draft, $question);
            if (null !== $options) {
                $made[$options[0]] = $options;
            }
        }
        $isLettered = [] !== array_filter($scan->questions, static fn (PaperQuestion $question) => [] !== $question->options);
        // From the end on: the key stands below the questions.
        if ([] !== $made && null !== $scan->keyAt && !$isLettered) {
            foreach (\array_slice($draft->lines(), $scan->keyAt) as $index => $line) {
                $draft->edit($scan->keyAt + $index, Regex::replaceBy('/(?<=[\d\s.):=–(-])'.self::NUMERAL.'(?![\p{L}\p{N}])/u', static fn (array $match): string => self::LETTERS[$match[1]], $line));
            }
        }
        foreach (array_reverse($made) as [$from, $count, $lines]) {
            $draft->replace($from, $count, $lines);
        }
    }

    /** @return ?array{int, int, list<string>} the first line, how many there are, and what they become; null where there are no such options */
    private static function optionsOf(Draft $draft, PaperQuestion $question): ?array
    {
        if ([] !== $question->options || [] !== $question->truths || [] !== $question->pairs || [] !== $question->writingLines || $question->isEssay) {
            return null;
        }
        $lines = $draft->lines();
        $end = $question->answer ?? $question->end;
        $from = null;
        $options = [];
        $last = '';
        for ($index = $question->start + 1; $index < $end; ++$index) {
            $line = trim(str_replace("\u{A0}", ' ', $lines[$index]));
            $found = Regex::match('/^'.self::MARK.'/', $line) ? self::inLine($line) : [];
            if ([] !== array_intersect_key($options, $found)) {
                // Two lists, of which one would be lost in the other.
                return null;
            }
            if ([] !== $found) {
                $from ??= $index;
                $options += $found;
                $last = array_key_last($found);
            } elseif (null !== $from && '' !== $line) {
                $options[$last] .= ' '.$line;
            }
        }
        ksort($options);
        if (null === $from || \count($options) < 2 || array_keys($options) !== \array_slice(array_values(self::LETTERS), 0, \count($options)) || self::areParts($lines[$question->start], $options)) {
            return null;
        }
        $made = array_values($options);
        if (null !== $question->answer && Regex::match('/^([^:]*+:\s*+)\(?'.self::NUMERAL.'\)?\s*\z/', $lines[$question->answer], $match)) {
            $made[] = $match[1].self::LETTERS[$match[2]];
            ++$end;
        }

        return [$from, $end - $from, $made];
    }

    /** @return array<string, string> the options that stand on one line as they are written then, by letter */
    private static function inLine(string $line): array
    {
        $options = [];
        Regex::matchAll('/(?:^|\t\s*+|\s{2,})\K'.self::MARK.'(.*?)(?=(?:\t|\s{2,})\s*+'.self::MARK.'|\z)/', $line, $found, \PREG_SET_ORDER);
        foreach ($found as $match) {
            $letter = self::LETTERS[$match[2]];
            if (isset($options[$letter])) {
                return [];
            }
            $options[$letter] = $match[1].$letter.$match[3].' '.rtrim($match[4]);
        }

        return $options;
    }

    /**
     * Whether they are tasks to do one after the other.
     *
     * @param array<string, string> $options
     */
    private static function areParts(string $stem, array $options): bool
    {
        $words = PaperWords::all();
        foreach ($options as $option) {
            if (Regex::match("~[?]\\s*\\z|{$words->pointsPattern()}\\s*\\z~iu", $option)) {
                return true;
            }
        }

        return str_ends_with(rtrim($stem), ':') && Regex::match("~(?<!\\p{L})(?:{$words->task})(?!\\p{L})~iu", $stem);
    }
}
