<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy\Step;

use Notagram\Intake\Tidy\Answering;
use Notagram\Intake\Tidy\Draft;
use Notagram\Intake\Tidy\DraftQuestion;
use Notagram\Intake\Tidy\TidyStep;
use Notagram\Notation\PaperWords;
use Notagram\Notation\Printed\Role;

/** Drops headings and instructions, and gives their questions what they say: points, and the kind of a bare stem. */
final readonly class Sections implements TidyStep
{
    public function name(): string
    {
        return 'sections';
    }

    public function apply(Draft $draft): void
    {
        foreach ($draft->lines as $line) {
            if (Role::Heading === $line->role) {
                $draft->drop($line);
            }
        }
        foreach ($draft->questions as $question) {
            $last = $question->last();
            // A paper that was printed here says so itself, and will again.
            if ([] !== $question->options && $last !== $question->first() && PaperWords::all()->asksToTickAll($last->body)) {
                $draft->drop($last);
            }
        }
        $inSection = [];
        foreach ($draft->questions as $question) {
            $id = spl_object_id($question->paper->section);
            $inSection[$id] = ($inSection[$id] ?? 0) + 1;
        }
        foreach ($draft->questions as $question) {
            $this->handDown($draft, $question, $inSection[spl_object_id($question->paper->section)]);
        }
    }

    private function handDown(Draft $draft, DraftQuestion $question, int $questions): void
    {
        $first = $question->first();
        $below = match (true) {
            !$question->isBare() || $question->hasBlank() => null,
            'true-false' === $question->kind() || TrueFalseColumns::asksItself(trim($question->stemText())) => Answering::both($draft, Answering::wordIn($question)),
            'typed' === $question->kind() => 'Answer:',
            'essay' === $question->kind() => WritingLines::ESSAY,
            default => null,
        };
        if (null !== $below) {
            $draft->putIn($question->last(), $below, 'Answer:' === $below ? Role::Answer : (WritingLines::ESSAY === $below ? Role::EssayMark : Role::Truth));
        }
        $section = $question->paper->section;
        $points = '' !== $section->points ? $section->points : (1 === $questions ? $section->total : null);
        if (null !== $points && !BracketedPoints::hasPoints($question)) {
            $draft->edit($first, BracketedPoints::written($points).' '.ltrim($first->body));
        }
    }
}
