<?php

declare(strict_types=1);

namespace Notagram\Question;

/**
 * A word is missing inside the sentence; it is chosen or typed.
 *
 * The two halves keep the blank next to the gap, where there is one. The question's stem shows the gap as {@see Gap::RULE}.
 */
final readonly class Gap implements Answers
{
    public const RULE = '_____';

    public function __construct(public string $before, public string $after, public Choice|ShortAnswer $filler)
    {
    }

    public function type(): QuestionType
    {
        return QuestionType::Gap;
    }
}
