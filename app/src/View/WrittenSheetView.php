<?php

declare(strict_types=1);

namespace App\View;

use OpenApi\Attributes as OA;

/** A whole sheet as its target has it: one entry for each block of the reading with that digest, in its order. */
#[OA\Schema(required: ['digest', 'blocks'])]
final readonly class WrittenSheetView
{
    /**
     * @param list<WrittenView> $blocks
     */
    public function __construct(
        #[OA\Property]
        public string $digest,
        #[OA\Property(type: 'array', items: new OA\Items(ref: WrittenView::class))]
        public array $blocks,
    ) {
    }
}
