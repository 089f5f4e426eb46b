<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy\Step;

use Notagram\Intake\Tidy\Draft;
use Notagram\Intake\Tidy\LineRole;
use Notagram\Intake\Tidy\PaperQuestion;
use Notagram\Intake\Tidy\QuestionStart;
use Notagram\Intake\Tidy\TidyStep;
use Notagram\Notation\PaperWords;
use Notagram\Source\Regex;

/** Takes out the headings of sections and their instructions; what they say of the questions below goes to each of these. */
final readonly class Sections implements TidyStep
{
    public function name(): string
    {
        return 'sections';
    }

    public function label(): string
    {
        return 'Sections and instructions';
    }

    public static function points(string $number): string
    {
        return \sprintf('(%s %s)', $number, '1' === $number ? 'point' : 'points');
    }

    public function apply(Draft $draft): void
    {
        $scan = $draft->scan();
        // From the end, so that what is put in moves nothing that is still to be done.
        $questions = $scan->questions;
        for ($index = \count($scan->roles) - 1; $index >= 0; --$index) {
            $question = [] === $questions ? null : $questions[\count($questions) - 1];
            if (null !== $question && $question->start === $index) {
                $this->handDown($draft, $question);
                array_pop($questions);
            } elseif (LineRole::Heading === $scan->roles[$index]) {
                $draft->drop($index);
            }
        }
    }

    private function handDown(Draft $draft, PaperQuestion $question): void
    {
        $lines = $draft->lines();
        $stem = implode("\n", array_map(static fn (int $index) => $lines[$index], $question->stem));
        $below = match (true) {
            !$question->isBare() || Regex::match('/_{3,}/', $stem) => null,
            'true-false' === $question->kind || TrueFalseColumns::asksItself(QuestionStart::in($lines[$question->start])->text ?? $stem) => TrueFalseColumns::BOTH,
            'typed' === $question->kind => 'Answer:',
            'essay' === $question->kind => WritingLines::ESSAY,
            default => null,
        };
        if (null !== $below) {
            $draft->putIn($question->stem[\count($question->stem) - 1] + 1, $below);
        }
        $start = QuestionStart::in($lines[$question->start]);
        $hasPoints = Regex::match('~(?:^|\s)'.PaperWords::all()->pointsPattern().'(?:\s|\z)~iu', ' '.trim($start->text ?? $stem));
        if ('' !== $question->points && !$hasPoints) {
            $draft->edit($question->start, ltrim(rtrim($start->label ?? '').' ').self::points($question->points).' '.($start->text ?? trim($lines[$question->start])));
        }
    }
}
