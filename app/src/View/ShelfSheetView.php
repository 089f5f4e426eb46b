<?php

declare(strict_types=1);

namespace App\View;

use OpenApi\Attributes as OA;

/** A sheet as it lies on the shelf; one letter a question says its state: s sound, h hint, d doubt, f fault, b broken. */
#[OA\Schema(required: ['id', 'title', 'notation', 'changedAt', 'states', 'count', 'sound', 'expected'])]
final readonly class ShelfSheetView
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public string $notation,
        #[OA\Property(format: 'date-time')]
        public string $changedAt,
        #[OA\Property]
        public string $states,
        #[OA\Property]
        public int $count,
        #[OA\Property]
        public int $sound,
        #[OA\Property]
        public ?int $expected,
    ) {
    }
}
