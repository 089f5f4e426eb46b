<?php

declare(strict_types=1);

namespace Notagram\Notation\Printed;

use Notagram\Notation\PaperWords;

/** In which styles a whole test writes its numbers and its options: those that run on without a gap. */
final class Styles
{
    /** Among equals, what printed tests use most. */
    private const USUAL = ['.', ')', '()', 'word', 'alone', 'I.', 'I)', 'sub.', 'sub)', '1.1', 'Q:', '.)', '/', ':', '-', '–', 'bare'];

    /** @var array<string, float> how well each style of numbers runs on, from 0 to 1 */
    public array $numberStyles = [];
    /** @var array<string, float> the same of options */
    public array $optionStyles = [];
    /** Of the numbered questions, the share that has options. */
    public float $optionShare;
    /** That of the questions; empty where they have none. */
    public string $numberStyle = '';
    public int $countOfNumbers;
    /** Whether nothing has a number, a letter or a box. */
    public bool $isUnmarked;
    /** Whether numbers that stand further in are of another kind than the others. */
    private bool $areIndentsTold = false;
    /** How the letters of the questions look, where they have letters. */
    private ?string $letterStyle = null;

    /**
     * @param list<Line>            $lines
     * @param array<int, Role|null> $settled
     */
    public function __construct(array $lines, array $settled)
    {
        $tally = new StyleTally();
        foreach ($lines as $index => $line) {
            if (null === $settled[$index]) {
                $tally->count($line, self::isIndented($line->text));
            }
        }
        $this->indents($tally);
        $this->letteredQuestions($tally);
        $this->listsWithin($tally);
        $this->choose($tally);
    }

    private function choose(StyleTally $tally): void
    {
        $best = max([0.0, ...array_values($tally->numbers)]);
        foreach ($tally->numbers as $style => $score) {
            $this->numberStyles[$style] = $best > 0 ? $score / $best : 0.0;
        }
        if ($best > 0) {
            $equal = array_keys($tally->numbers, $best, true);
            $this->numberStyle = array_values(array_intersect(self::USUAL, $equal))[0] ?? $equal[0] ?? '';
        }
        $this->countOfNumbers = $tally->counts[$this->numberStyle] ?? 0;
        $bestOption = max([0.0, ...array_values($tally->options)]);
        foreach ($tally->options as $style => $score) {
            $this->optionStyles[$style] = $bestOption > 0 ? $score / $bestOption : 0.0;
        }
        $running = array_filter($tally->options, static fn (float $score) => $score > 0);
        $withOptions = max([0.0, ...array_values(array_intersect_key($tally->starts, $running))]);
        $this->optionShare = $this->countOfNumbers > 0 ? min(1.0, $withOptions / $this->countOfNumbers) : ($withOptions > 0 ? 1.0 : 0.0);
        $this->isUnmarked = [] === $tally->numbers && 0.0 === $bestOption;
    }

    /** @return list<OptionMark> how a piece starts as an option, in the styles of this test */
    public function optionsOf(Piece $piece): array
    {
        $options = $piece->form()->options();

        return null === $this->letterStyle ? $options : array_values(array_filter($options, fn (OptionMark $mark) => $mark->style !== $this->letterStyle));
    }

    /** @return list<NumberMark> how a piece starts with a number, in the styles of this test */
    public function numbersOf(Piece $piece): array
    {
        $numbers = $piece->form()->numbers();
        foreach (null === $this->letterStyle ? [] : $piece->form()->options() as $mark) {
            if ($mark->style === $this->letterStyle) {
                $numbers[] = new NumberMark('letter', $mark->index, '', '', $mark->label, $mark->rest);
            }
        }
        if (!$this->areIndentsTold || $piece->isInner || !self::isIndented($piece->line->text)) {
            return $numbers;
        }

        return array_map(static fn (NumberMark $mark) => new NumberMark($mark->style.'+', $mark->value, $mark->sub, $mark->lead, $mark->label, $mark->rest), $numbers);
    }

    private static function isIndented(string $text): bool
    {
        return str_starts_with($text, '  ') || str_starts_with($text, "\t");
    }

    /** Numbers that stand further in are of another kind where they begin again under each of the others; elsewhere they are the same. */
    private function indents(StyleTally $tally): void
    {
        foreach (array_keys($tally->numbers) as $style) {
            if (!str_ends_with($style, '+')) {
                continue;
            }
            $plain = substr($style, 0, -1);
            // Behind a rule for the answer nobody sees how far in a number stands.
            if (($tally->numbers[$plain] ?? 0) > 1 && isset($tally->flush[$plain]) && $tally->isListWithin($style, $plain)) {
                $this->areIndentsTold = true;
            } else {
                $tally->merge($style, $plain);
            }
        }
    }

    /** Letters that have boxes or Roman numbers below them, from i on, are those of the questions: “1. Multiple choice – a. Which? – i. one”. */
    private function letteredQuestions(StyleTally $tally): void
    {
        $all = $answered = [];
        foreach ($tally->letters as $line => $marks) {
            // An i may be a letter too; what has a box itself is an option.
            $isOption = [] !== array_filter($marks, static fn (OptionMark $mark) => 'box' === $mark->style || str_contains($mark->style, 'i'));
            foreach ($isOption ? [] : $marks as $mark) {
                if (!$mark->isUnlettered() && !$mark->isBare()) {
                    $below = array_filter($tally->letters[$line + 1] ?? [], static fn (OptionMark $next) => (1 === $next->index && str_contains($next->style, 'i')) || \in_array($next->style, ['O', 'box'], true));
                    $all[$mark->style] = ($all[$mark->style] ?? 0) + 1;
                    $answered[$mark->style] = ($answered[$mark->style] ?? 0) + ([] === $below ? 0 : 1);
                }
            }
        }
        foreach ($answered as $style => $times) {
            if ($times > 1 && 2.5 * $times >= $all[$style] && ($tally->options[$style] ?? 0) > 0) {
                $this->letterStyle = $style;
                $tally->numbers['letter'] = max([0.0, ...array_values($tally->numbers)]) + $tally->options[$style] + ($tally->starts[$style] ?? 0);
                $tally->counts['letter'] = $all[$style];
                unset($tally->options[$style]);

                return;
            }
        }
    }

    /** A list in a stem, or numbered options, may count further than the questions do. */
    private function listsWithin(StyleTally $tally): void
    {
        // “Exercise 1: choose …”, “II. True or false” count parts where something else counts the questions.
        foreach (array_keys($tally->numbers) as $style) {
            if (\in_array($style, ['word', 'I.', 'I)'], true) && \count($tally->numbers) > 1 && self::areHeadings($tally->rests[$style] ?? [])) {
                $tally->numbers[$style] *= 0.2;
            }
        }
        arsort($tally->numbers);
        foreach (array_keys($tally->numbers) as $outer) {
            foreach (array_keys($tally->numbers) as $inner) {
                $mayBe = $inner !== $outer && $tally->numbers[$inner] >= $tally->numbers[$outer] && ($tally->numbers[$outer] > 1 || str_starts_with($inner, 'I'));
                if ($mayBe && $tally->isListWithin($inner, $outer) && !self::areHeadings($tally->rests[$outer] ?? [])) {
                    $tally->numbers[$inner] = 0.4 * $tally->numbers[$outer];
                    $tally->countAsOptions($inner, $outer);
                }
            }
        }
    }

    /** @param list<string> $texts of lines that count parts of a test, perhaps, and not questions */
    private static function areHeadings(array $texts): bool
    {
        $telling = array_filter($texts, static fn (string $text) => \strlen($text) < 100 && ('true-false' === PaperWords::all()->kindIn($text) || (!str_ends_with($text, '?') && PaperWords::all()->instructs($text))));

        return 2 * \count($telling) > \count($texts);
    }
}
