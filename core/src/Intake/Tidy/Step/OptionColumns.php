<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy\Step;

use Notagram\Intake\Tidy\Draft;
use Notagram\Intake\Tidy\LineRole;
use Notagram\Intake\Tidy\OptionMarks;
use Notagram\Intake\Tidy\TidyStep;

/** Puts options that stand beside each other on lines of their own, in the order of their letters. */
final readonly class OptionColumns implements TidyStep
{
    public function name(): string
    {
        return 'option-columns';
    }

    public function label(): string
    {
        return 'Options side by side';
    }

    public function apply(Draft $draft): void
    {
        $this->boxes($draft);
        $this->behindStems($draft);
        $scan = $draft->scan();
        $lines = $draft->lines();
        foreach (array_reverse($scan->questions) as $question) {
            $rows = array_values(array_filter($question->options, static fn (int $index) => LineRole::OptionRow === $scan->roles[$index]));
            if ([] === $rows) {
                continue;
            }
            $first = $question->options[0];
            $count = $question->options[\count($question->options) - 1] - $first + 1;
            $options = [];
            for ($index = $first; $index < $first + $count; ++$index) {
                if (LineRole::OptionRow === $scan->roles[$index]) {
                    array_push($options, ...OptionMarks::row($lines[$index]));
                } elseif (LineRole::Option === $scan->roles[$index]) {
                    $options[] = [strtolower(OptionMarks::letter($lines[$index])[0] ?? ''), trim($lines[$index])];
                } elseif (LineRole::Blank !== $scan->roles[$index] && [] !== $options) {
                    $options[\count($options) - 1][1] .= ' '.trim($lines[$index]);
                }
            }
            usort($options, static fn (array $one, array $other) => $one[0] <=> $other[0]);
            $draft->replace($first, $count, array_column($options, 1));
        }
    }

    private function boxes(Draft $draft): void
    {
        $lines = $draft->lines();
        for ($index = \count($lines) - 1; $index >= 0; --$index) {
            $boxes = OptionMarks::boxes($lines[$index]);
            if (null !== $boxes) {
                $draft->replace($index, 1, $boxes);
            }
        }
    }

    private function behindStems(Draft $draft): void
    {
        $lines = $draft->lines();
        foreach (array_reverse($draft->scan()->questions) as $question) {
            $last = $question->stem[\count($question->stem) - 1];
            $parts = [] === $question->truths ? OptionMarks::behindStem($lines[$last]) : null;
            if (null !== $parts) {
                $draft->replace($last, 1, [$parts[0], ...array_column($parts[1], 1)]);
            }
        }
    }
}
