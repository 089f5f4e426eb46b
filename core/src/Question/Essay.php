<?php

declare(strict_types=1);

namespace Notagram\Question;

/** Answered in writing and marked by hand: it carries no answer. */
final readonly class Essay implements Answers
{
    public function type(): QuestionType
    {
        return QuestionType::Essay;
    }
}
