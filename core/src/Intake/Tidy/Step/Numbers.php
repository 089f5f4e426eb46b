<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy\Step;

use Notagram\Intake\Tidy\Draft;
use Notagram\Intake\Tidy\QuestionStart;
use Notagram\Intake\Tidy\TidyStep;

/** Numbers the questions through, where their numbers start again in sections, are written otherwise, or are missing. */
final readonly class Numbers implements TidyStep
{
    public function name(): string
    {
        return 'numbers';
    }

    public function label(): string
    {
        return 'Numbers of questions';
    }

    public function apply(Draft $draft): void
    {
        foreach ($draft->scan()->questions as $place => $question) {
            $line = $draft->lines()[$question->start];
            $start = QuestionStart::in($line);
            $number = $place + 1;
            // A number that has its place already keeps its form.
            if (null !== $start && $start->number === $number && \in_array($start->style, ['.', ')', '()'], true) && '' === $start->rule) {
                continue;
            }
            $draft->edit($question->start, rtrim("{$number}. ".trim($start->text ?? $line)));
        }
    }
}
