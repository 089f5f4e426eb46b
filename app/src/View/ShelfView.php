<?php

declare(strict_types=1);

namespace App\View;

use OpenApi\Attributes as OA;

/** The shelf. */
#[OA\Schema(required: ['sheets'])]
final readonly class ShelfView
{
    /**
     * @param list<ShelfSheetView> $sheets
     */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: ShelfSheetView::class))]
        public array $sheets,
    ) {
    }
}
