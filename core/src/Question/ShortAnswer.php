<?php

declare(strict_types=1);

namespace Notagram\Question;

/** The answer is typed and compared with the accepted ones. */
final readonly class ShortAnswer implements Answers
{
    /**
     * @param list<AcceptedAnswer> $accepted
     */
    public function __construct(public array $accepted)
    {
    }

    public function type(): QuestionType
    {
        return QuestionType::ShortAnswer;
    }
}
