<?php

declare(strict_types=1);

namespace Notagram\Question;

/** Each prompt is given its match; a pair without a prompt adds a match that fits none. */
final readonly class Matching implements Answers
{
    /**
     * @param list<Pair> $pairs
     */
    public function __construct(public array $pairs)
    {
    }

    public function type(): QuestionType
    {
        return QuestionType::Matching;
    }
}
