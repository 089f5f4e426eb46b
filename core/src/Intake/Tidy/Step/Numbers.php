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
        $first = self::first($draft);
        foreach ($draft->scan()->questions as $place => $question) {
            $line = $draft->line($question->start);
            $start = QuestionStart::in($line);
            $number = $first + $place;
            // A number that has its place already keeps its form.
            if (null !== $start && $start->number === $number && \in_array($start->style, ['.', ')', '()'], true) && '' === $start->rule) {
                continue;
            }
            $draft->edit($question->start, rtrim("{$number}. ".trim($start->text ?? $line)));
        }
    }

    /** Numbers that rise one by one stay, wherever they begin: these are the questions of a longer test. */
    private static function first(Draft $draft): int
    {
        $questions = $draft->scan()->questions;
        $first = $questions[0]->number ?? 1;
        foreach ($questions as $place => $question) {
            if ($question->number !== $first + $place) {
                return 1;
            }
        }

        return $first;
    }
}
