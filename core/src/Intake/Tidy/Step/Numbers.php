<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy\Step;

use Notagram\Intake\Tidy\Draft;
use Notagram\Intake\Tidy\TidyStep;
use Notagram\Source\Regex;

/** Numbers the questions one by one. */
final readonly class Numbers implements TidyStep
{
    public function name(): string
    {
        return 'numbers';
    }

    public function apply(Draft $draft): void
    {
        $first = self::first($draft);
        foreach ($draft->questions as $place => $question) {
            $line = $question->first();
            $mark = $question->paper->number();
            $number = $first + $place;
            // A number that has its place already keeps its form.
            if (null !== $mark && $mark->value === $number && \in_array($mark->style, ['.', ')', '()'], true) && Regex::match('/^\(?\d++[.)]\s*\z/', $line->mark)) {
                continue;
            }
            // What begins with a number already has one, whatever it was taken for.
            $body = null === $mark ? Regex::replace('/^\d{1,3}[.)]\s++(?=\S)/', '', $line->body, 1) : $line->body;
            $draft->edit($line, $body, "{$number}. ");
        }
    }

    /** Numbers that rise one by one stay, wherever they begin: these are the questions of a longer test. */
    private static function first(Draft $draft): int
    {
        $first = ($draft->questions[0] ?? null)?->paper->number()->value ?? 1;
        foreach ($draft->questions as $place => $question) {
            $number = $question->paper->number();
            if (null === $number || $number->value !== $first + $place || '' !== $number->sub) {
                return 1;
            }
        }

        return $first;
    }
}
