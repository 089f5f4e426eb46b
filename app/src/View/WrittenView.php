<?php

declare(strict_types=1);

namespace App\View;

use OpenApi\Attributes as OA;

/** A block in the notation it is handed over in. */
#[OA\Schema(required: ['text', 'losses', 'isNumbered'])]
final readonly class WrittenView
{
    /**
     * @param list<LossView> $losses
     */
    public function __construct(
        #[OA\Property]
        public string $text,
        #[OA\Property(type: 'array', items: new OA\Items(ref: LossView::class))]
        public array $losses,
        /** Whether it goes with a number before it, counted where the sheet is put together. */
        #[OA\Property]
        public bool $isNumbered,
    ) {
    }
}
