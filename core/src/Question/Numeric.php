<?php

declare(strict_types=1);

namespace Notagram\Question;

/** The answer is a number that must fall into one of the accepted ranges. */
final readonly class Numeric implements Answers
{
    /**
     * @param list<AcceptedNumber> $numbers
     */
    public function __construct(public array $numbers)
    {
    }

    public function type(): QuestionType
    {
        return QuestionType::Numeric;
    }
}
