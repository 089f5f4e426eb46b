<?php

declare(strict_types=1);

namespace App\View;

use OpenApi\Attributes as OA;

/** Each block in the notation it is handed over in, by the block's name; and whether questions are dropped or changed. */
#[OA\Schema(required: ['blocks'])]
final readonly class WrittenSheetView
{
    /**
     * @param list<WrittenBlockView> $blocks
     */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: WrittenBlockView::class))]
        public array $blocks,
    ) {
    }
}
