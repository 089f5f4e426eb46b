<?php

declare(strict_types=1);

namespace App\View;

use OpenApi\Attributes as OA;

/** What a sheet can earn, as shown: points, and chances in words a person understands. */
#[OA\Schema(required: ['total', 'guess', 'halfChance'])]
final readonly class SheetMarksView
{
    /**
     * @param ?string     $guess      what blind guessing earns on average; null where it is too much to work out
     * @param ?ChanceView $halfChance of reaching half of the points by guessing
     */
    public function __construct(
        #[OA\Property]
        public string $total,
        #[OA\Property]
        public ?string $guess,
        #[OA\Property(nullable: true, oneOf: [new OA\Schema(ref: ChanceView::class)])]
        public ?ChanceView $halfChance,
    ) {
    }
}
