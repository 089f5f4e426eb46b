<?php

declare(strict_types=1);

namespace Notagram\Question;

/** A text without an answer, which other questions refer to. */
final readonly class Stimulus implements Answers
{
    public function type(): QuestionType
    {
        return QuestionType::Stimulus;
    }
}
