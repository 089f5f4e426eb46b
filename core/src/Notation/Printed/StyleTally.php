<?php

declare(strict_types=1);

namespace Notagram\Notation\Printed;

use Notagram\Source\Regex;

/** Counts how often each style of numbers and of letters goes on where it should. */
final class StyleTally
{
    /** @var array<string, float> by style: how often the next number came, and half for each that began */
    public array $numbers = [];
    /** @var array<string, int> how many there are */
    public array $counts = [];
    /** @var array<string, list<string>> what stands behind them */
    public array $rests = [];
    /** @var array<string, true> the styles of which some number begins its line, with no rule or points before it */
    public array $flush = [];
    /** @var array<string, float> by style: how often the next letter came */
    public array $options = [];
    /** @var array<string, float> how often the first one came */
    public array $starts = [];
    /** @var list<list<OptionMark>> by line */
    public array $letters = [];

    /** @var list<array{string, int}> all numbers with their style, as they come; '' is a first letter of options */
    private array $order = [];
    /** @var array<string, int> */
    private array $lastNumbers = [];
    /** @var array<string, int> */
    private array $lastLetters = [];

    public function count(Line $line, bool $isIndented): void
    {
        $form = Lexer::form($line->trimmed());
        foreach ($form->numbers() as $mark) {
            if ('Q:' === $mark->style && $this->isNextLetter($form->options())) {
                // “D:” asks in Italian; below “C:” it is an option.
                continue;
            }
            $this->number($mark, $mark->style.($isIndented ? '+' : ''));
        }
        $this->letters[] = $form->options();
        foreach ($form->options() as $mark) {
            $this->option($mark);
        }
        // Those that stand behind something else on the same line.
        $mayHoldMore = Regex::match('/\s\(?[aA][.)]|^A\s.*\s{2}B\s/', $form->text);
        foreach ($mayHoldMore ? \array_slice($line->pieces(), 1) : [] as $piece) {
            foreach ($piece->form()->options() as $mark) {
                $this->options[$mark->style] = ($this->options[$mark->style] ?? 0) + 1;
                $this->starts[$mark->style] = ($this->starts[$mark->style] ?? 0) + (1 === $mark->index ? 1 : 0);
                $this->order[] = ['', $mark->index];
            }
        }
    }

    /** @param list<OptionMark> $options */
    private function isNextLetter(array $options): bool
    {
        foreach ($options as $option) {
            if (!$option->isUnlettered() && $option->index > 1 && $option->index === ($this->lastLetters[$option->style] ?? -1) + 1) {
                return true;
            }
        }

        return false;
    }

    private function number(NumberMark $mark, string $style): void
    {
        $last = $this->lastNumbers[$style] ?? null;
        $goesOn = null !== $last && ($mark->value === $last + 1 || ('' !== $mark->sub && $mark->value === $last));
        $this->numbers[$style] = ($this->numbers[$style] ?? 0) + self::worth($style, $goesOn, $mark->value);
        $this->counts[$style] = ($this->counts[$style] ?? 0) + 1;
        $this->rests[$style][] = $mark->rest;
        if ('' === $mark->lead) {
            $this->flush[$style] = true;
        }
        $this->lastNumbers[$style] = $mark->value;
        $this->order[] = [$style, $mark->value];
    }

    private static function worth(string $style, bool $goesOn, int $value): float
    {
        return 'Q:' === $style || $goesOn ? 1.0 : (1 === $value ? 0.5 : 0.0);
    }

    private function option(OptionMark $mark): void
    {
        $style = $mark->style;
        if ($mark->isUnlettered()) {
            $this->options[$style] = ($this->options[$style] ?? 0) + ('O' === $style ? 0.3 : 0.4);
            $this->starts[$style] = ($this->starts[$style] ?? 0) + 0.3;
        } elseif (1 === $mark->index) {
            $this->order[] = ['', 1];
            $this->lastLetters[$style] = 1;
            $this->starts[$style] = ($this->starts[$style] ?? 0) + 1;
        } elseif ($mark->index === ($this->lastLetters[$style] ?? -1) + 1) {
            $this->options[$style] = ($this->options[$style] ?? 0) + 1;
            $this->lastLetters[$style] = $mark->index;
        }
    }

    /** Takes the numbers of one style for those of another. */
    public function merge(string $style, string $other): void
    {
        $score = 0.0;
        $last = null;
        foreach ($this->order as $index => [$its, $value]) {
            if ($its === $style) {
                $its = $this->order[$index][0] = $other;
            }
            if ($its === $other) {
                $score += self::worth($other, null !== $last && $value === $last + 1, $value);
                $last = $value;
            }
        }
        $this->numbers[$other] = $score;
        $this->counts[$other] = ($this->counts[$other] ?? 0) + ($this->counts[$style] ?? 0);
        $this->rests[$other] = [...$this->rests[$other] ?? [], ...$this->rests[$style] ?? []];
        unset($this->numbers[$style], $this->counts[$style], $this->rests[$style]);
    }

    /**
     * Whether one style of numbers begins again at 1 under the numbers of another one, and has no options of its own: a list
     * in a stem, or numbered options.
     */
    public function isListWithin(string $inner, string $outer): bool
    {
        $isFirst = true;
        $hasOuter = false;
        $count = $answered = $lists = 0;
        foreach ($this->order as $index => [$style, $value]) {
            if ($style === $outer) {
                $hasOuter = $isFirst = true;
            } elseif ($style === $inner) {
                if (!$hasOuter || ($isFirst && 1 !== $value)) {
                    return false;
                }
                $lists += $isFirst ? 1 : 0;
                $isFirst = false;
                ++$count;
                $answered += '' === ($this->order[$index + 1][0] ?? '#') ? 1 : 0;
            }
        }

        // Only the last of a list has the question's own options below it.
        return $count > 1 && ($answered < 0.5 * $count || ($answered <= $lists && $count >= 2 * $lists));
    }

    /** A list under nearly every question, with no letters below it: these are the options. */
    public function countAsOptions(string $inner, string $outer): void
    {
        $questions = $lists = $letters = 0;
        foreach ($this->order as [$style, $value]) {
            $questions += $style === $outer ? 1 : 0;
            $lists += $style === $inner && 1 === $value ? 1 : 0;
            $letters += '' === $style ? 1 : 0;
        }
        if (0 === $letters && $lists > 1 && 2 * $lists >= $questions) {
            $this->options['#'.$inner] = (float) \count($this->order) - $questions - $lists;
            $this->starts['#'.$inner] = (float) $lists;
        }
    }
}
