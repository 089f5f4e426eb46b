<?php

declare(strict_types=1);

namespace App\View;

use Notagram\Question\QuestionType;
use OpenApi\Attributes as OA;

/** A question as a pupil sees it; html is safe to show. */
#[OA\Schema(required: ['type', 'title', 'points', 'stem', 'options', 'accepted', 'pairs', 'answer', 'feedbackWhenRight', 'feedbackWhenWrong', 'explanation', 'isMarked', 'marks'])]
final readonly class QuestionView
{
    /**
     * @param list<OptionView> $options
     * @param list<AcceptedView> $accepted
     * @param list<PairView> $pairs
     */
    public function __construct(
        #[OA\Property(type: 'string', enum: QuestionType::class)]
        public QuestionType $type,
        #[OA\Property]
        public ?string $title,
        #[OA\Property]
        public ?string $points,
        #[OA\Property]
        public string $stem,
        #[OA\Property(type: 'array', items: new OA\Items(ref: OptionView::class))]
        public array $options,
        #[OA\Property(type: 'array', items: new OA\Items(ref: AcceptedView::class))]
        public array $accepted,
        #[OA\Property(type: 'array', items: new OA\Items(ref: PairView::class))]
        public array $pairs,
        #[OA\Property]
        public ?bool $answer,
        #[OA\Property]
        public ?string $feedbackWhenRight,
        #[OA\Property]
        public ?string $feedbackWhenWrong,
        #[OA\Property]
        public ?string $explanation,
        /** Whether a right answer is marked, or none is wanted. */
        #[OA\Property]
        public bool $isMarked,
        #[OA\Property(nullable: true, oneOf: [new OA\Schema(ref: QuestionMarksView::class)])]
        public ?QuestionMarksView $marks,
    ) {
    }
}
