<?php

declare(strict_types=1);

namespace Notagram\Question;

/** Any number of options is ticked; each earns or costs its weight. Its keys are the options above zero. */
final readonly class MultipleResponse implements Answers
{
    /**
     * @param list<Option> $options
     */
    public function __construct(public array $options)
    {
    }

    public function type(): QuestionType
    {
        return QuestionType::MultipleResponse;
    }
}
