<?php

declare(strict_types=1);

namespace Notagram\Check\Rule\Marking;

use Notagram\Check\QuestionRule;
use Notagram\Check\Wording;
use Notagram\Finding\Finding;
use Notagram\Finding\Matter;
use Notagram\Question\AcceptedAnswer;
use Notagram\Question\AcceptedNumber;
use Notagram\Question\Option;
use Notagram\Source\Span;

/** Faults a question that wants a right answer and has none. */
final readonly class NoRightAnswer implements QuestionRule
{
    public const CODE = 'marking.none';

    public function check(Wording $wording): array
    {
        $question = $wording->question;
        if ($question->isMarked()) {
            return [];
        }
        $spans = array_map(static fn (Option|AcceptedAnswer|AcceptedNumber $one) => $one->span, $question->weighted());

        return [Finding::fault(
            self::CODE,
            [] === $spans ? Span::at(0) : new Span($spans[0]->start, $spans[\count($spans) - 1]->end),
        )->about(Matter::RightAnswer)];
    }
}
