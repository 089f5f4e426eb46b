<?php

declare(strict_types=1);

namespace App\View;

use Notagram\Question\QuestionType;

/** A question as a pupil sees it; html is safe to show. */
final readonly class QuestionView
{
    /**
     * @param list<OptionView> $options
     * @param list<AcceptedView> $accepted
     * @param list<PairView> $pairs
     */
    public function __construct(
        public QuestionType $type,
        public ?string $title,
        public ?string $points,
        public string $stem,
        public array $options,
        public array $accepted,
        public array $pairs,
        public ?bool $answer,
        public ?string $feedbackWhenRight,
        public ?string $feedbackWhenWrong,
        public ?string $explanation,
        /** Whether a right answer is marked, or none is wanted. */
        public bool $isMarked,
        public ?QuestionMarksView $marks,
    ) {
    }
}
