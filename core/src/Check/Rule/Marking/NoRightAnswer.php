<?php

declare(strict_types=1);

namespace Notagram\Check\Rule\Marking;

use Notagram\Check\QuestionRule;
use Notagram\Finding\Finding;
use Notagram\Question\AcceptedAnswer;
use Notagram\Question\AcceptedNumber;
use Notagram\Question\Choice;
use Notagram\Question\Gap;
use Notagram\Question\MultipleResponse;
use Notagram\Question\Numeric;
use Notagram\Question\Option;
use Notagram\Question\Question;
use Notagram\Question\ShortAnswer;
use Notagram\Question\TrueFalse;
use Notagram\Source\Span;

/** Faults a question that wants a right answer and has none. */
final readonly class NoRightAnswer implements QuestionRule
{
    public const CODE = 'marking.none';

    public function check(Question $question): iterable
    {
        $answers = $question->answers instanceof Gap ? $question->answers->filler : $question->answers;
        $isMarked = match (true) {
            $answers instanceof Choice, $answers instanceof MultipleResponse => [] !== array_filter($answers->options, static fn (Option $option) => $option->isKey),
            $answers instanceof TrueFalse => null !== $answers->answer,
            $answers instanceof ShortAnswer => [] !== array_filter($answers->accepted, static fn (AcceptedAnswer $answer) => $answer->weight->isAboveZero()),
            $answers instanceof Numeric => [] !== array_filter($answers->numbers, static fn (AcceptedNumber $number) => $number->weight->isAboveZero()),
            default => true,
        };
        if ($isMarked) {
            return;
        }
        $spans = array_map(static fn (Option|AcceptedAnswer $one) => $one->span, [...$question->options(), ...$question->accepted()]);
        yield Finding::fault(
            self::CODE,
            [] === $spans ? Span::at(0) : new Span($spans[0]->start, $spans[\count($spans) - 1]->end),
            'No answer is marked as right.',
            'Mark the right one: without it nobody can earn a point.',
        );
    }
}
