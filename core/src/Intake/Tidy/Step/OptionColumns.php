<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy\Step;

use Notagram\Intake\Tidy\Draft;
use Notagram\Intake\Tidy\DraftOption;
use Notagram\Intake\Tidy\DraftQuestion;
use Notagram\Intake\Tidy\TidyStep;

/** Puts options that stand side by side below each other, in the order of their letters. */
final readonly class OptionColumns implements TidyStep
{
    public function name(): string
    {
        return 'option-columns';
    }

    public function apply(Draft $draft): void
    {
        PartedLines::part($draft, false);
        foreach ($draft->questions as $question) {
            $this->inOrder($draft, $question);
        }
    }

    /** Columns that are read downwards. */
    private function inOrder(Draft $draft, DraftQuestion $question): void
    {
        $isShared = [] !== array_filter($question->options, static fn (DraftOption $option) => $option->line->isInner);
        if (!$isShared) {
            return;
        }
        $places = array_map(static fn (DraftOption $option) => $option->mark->index, $question->options);
        $sorted = $places;
        sort($sorted);
        if ($places === $sorted || $sorted !== range(1, \count($places))) {
            return;
        }
        $lines = array_merge(...array_map(static fn (DraftOption $option) => [$option->line, ...$option->more], $question->options));
        foreach ($lines as $line) {
            if ($line->isWhole) {
                return;
            }
        }
        usort($question->options, static fn (DraftOption $one, DraftOption $other) => $one->mark->index <=> $other->mark->index);
        $draft->reorder($lines, array_merge(...array_map(static fn (DraftOption $option) => [$option->line, ...$option->more], $question->options)));
    }
}
