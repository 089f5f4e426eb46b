<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy\Step;

use Notagram\Intake\Tidy\Draft;
use Notagram\Intake\Tidy\QuestionStart;
use Notagram\Intake\Tidy\TidyStep;

/** Takes the numbers off the pairs of a matching question. */
final readonly class MatchingLists implements TidyStep
{
    public function name(): string
    {
        return 'matching-lists';
    }

    public function label(): string
    {
        return 'Numbers before pairs';
    }

    public function apply(Draft $draft): void
    {
        $lines = $draft->lines();
        foreach ($draft->scan()->questions as $question) {
            foreach ($question->pairs as $index) {
                $start = QuestionStart::in($lines[$index]);
                if (null !== $start) {
                    $draft->edit($index, trim($start->text));
                }
            }
        }
    }
}
