<?php

declare(strict_types=1);

namespace App\View;

use OpenApi\Attributes as OA;

/** What is written of a block, and what of it is lost. */
#[OA\Schema(required: ['text', 'losses'])]
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
    ) {
    }
}
