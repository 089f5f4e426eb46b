<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy\Step;

use Notagram\Intake\Tidy\Draft;
use Notagram\Intake\Tidy\DraftLine;
use Notagram\Intake\Tidy\DraftOption;
use Notagram\Intake\Tidy\DraftQuestion;
use Notagram\Intake\Tidy\TidyStep;
use Notagram\Notation\Printed\Role;

/** Puts options that stand side by side below each other, in the order of their letters. */
final readonly class OptionColumns implements TidyStep
{
    public function name(): string
    {
        return 'option-columns';
    }

    public function apply(Draft $draft): void
    {
        PartedLines::part($draft, static fn (array $lines): bool => \count(array_filter($lines, static fn (DraftLine $line) => Role::Question === $line->role)) < 2);
        foreach ($draft->questions as $question) {
            $this->inOrder($draft, $question);
        }
    }

    /** Columns that are read downwards. */
    private function inOrder(Draft $draft, DraftQuestion $question): void
    {
        $places = array_map(static fn (DraftOption $option) => $option->mark->index, $question->options);
        $sorted = $places;
        sort($sorted);
        $isShared = [] !== array_filter($question->options, static fn (DraftOption $option) => $option->line->isInner);
        if ($places === $sorted || !$isShared || $sorted !== range(1, \count($places))) {
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
