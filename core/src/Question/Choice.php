<?php

declare(strict_types=1);

namespace Notagram\Question;

/** One option is picked. Its key is the option that earns most, if that is more than nothing. */
final readonly class Choice implements Answers
{
    /**
     * @param list<Option> $options
     */
    public function __construct(public array $options)
    {
    }

    public function type(): QuestionType
    {
        return QuestionType::Choice;
    }
}
