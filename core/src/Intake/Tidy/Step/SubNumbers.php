<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy\Step;

use Notagram\Intake\Tidy\Draft;
use Notagram\Intake\Tidy\TidyStep;

/** Makes questions of the parts that a question consists of: 1.1, or a) with points of its own. */
final readonly class SubNumbers implements TidyStep
{
    public function name(): string
    {
        return 'sub-numbers';
    }

    public function apply(Draft $draft): void
    {
        foreach ($draft->questions as $question) {
            $first = $question->first();
            $mark = match (true) {
                '1.1' === ($question->paper->number()->style ?? '') => $question->paper->number()?->value.'. ',
                // A part of a task, with a letter of its own.
                null === $question->paper->number() && '' !== $first->mark => '',
                default => $first->mark,
            };
            $first->isWhole = !$draft->edit($first, mark: $mark) || $first->isWhole;
        }
    }
}
