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

    public function check(Question $question): array
    {
        $answers = $question->answers instanceof Gap ? $question->answers->filler : $question->answers;
        $isMarked = match (true) {
            $answers instanceof Choice, $answers instanceof MultipleResponse => self::hasKey($answers->options),
            $answers instanceof TrueFalse => null !== $answers->answer,
            $answers instanceof ShortAnswer => self::earns($answers->accepted),
            $answers instanceof Numeric => self::earns($answers->numbers),
            default => true,
        };
        if ($isMarked) {
            return [];
        }
        $spans = array_map(static fn (Option|AcceptedAnswer $one) => $one->span, [...$question->options(), ...$question->accepted()]);

        return [Finding::fault(
            self::CODE,
            [] === $spans ? Span::at(0) : new Span($spans[0]->start, $spans[\count($spans) - 1]->end),
            'No answer is marked as right.',
            'Mark the right one: without it nobody can earn a point.',
        )];
    }

    /** @param list<Option> $options */
    private static function hasKey(array $options): bool
    {
        foreach ($options as $option) {
            if ($option->isKey) {
                return true;
            }
        }

        return false;
    }

    /** @param list<AcceptedAnswer|AcceptedNumber> $accepted */
    private static function earns(array $accepted): bool
    {
        foreach ($accepted as $one) {
            if ($one->weight->isAboveZero()) {
                return true;
            }
        }

        return false;
    }
}
