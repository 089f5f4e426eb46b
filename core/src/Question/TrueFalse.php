<?php

declare(strict_types=1);

namespace Notagram\Question;

final readonly class TrueFalse implements Answers
{
    /**
     * @param ?bool $answer null while nobody has marked it
     */
    public function __construct(
        public ?bool $answer,
        public ?FormattedText $feedbackWhenWrong = null,
        public ?FormattedText $feedbackWhenRight = null,
    ) {
    }

    public function type(): QuestionType
    {
        return QuestionType::TrueFalse;
    }
}
