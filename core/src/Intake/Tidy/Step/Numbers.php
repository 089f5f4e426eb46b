<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy\Step;

use Notagram\Intake\Tidy\Draft;
use Notagram\Intake\Tidy\TidyStep;
use Notagram\Source\Regex;

/** Numbers the questions one by one. */
final readonly class Numbers implements TidyStep
{
    /** By style, how a number is written. */
    private const FORMS = ['.' => '%d. ', ')' => '%d) ', '()' => '(%d) '];

    public function name(): string
    {
        return 'numbers';
    }

    public function apply(Draft $draft): void
    {
        $first = self::first($draft);
        $kept = [];
        foreach ($draft->questions as $place => $question) {
            $mark = $question->paper->number();
            if (null !== $mark && $mark->value === $first + $place && isset(self::FORMS[$mark->style]) && Regex::match('/^\(?\d++[.)]\s*\z/', $question->first()->mark)) {
                $kept[$place] = $mark->style;
            }
        }
        // A number that has its place already keeps its form, and gives it to the others: two forms would be two lists.
        $forms = array_values(array_unique($kept));
        $form = self::FORMS[1 === \count($forms) ? $forms[0] : '.'];
        foreach ($draft->questions as $place => $question) {
            if (isset($kept[$place]) && 1 === \count($forms)) {
                continue;
            }
            $line = $question->first();
            // What begins with a number already has one, whatever it was taken for.
            $body = null === $question->paper->number() ? Regex::replace('/^\d{1,3}[.)]\s++(?=\S)/', '', $line->body, 1) : $line->body;
            $draft->edit($line, $body, \sprintf($form, $first + $place));
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
