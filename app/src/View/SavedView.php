<?php

declare(strict_types=1);

namespace App\View;

use OpenApi\Attributes as OA;

/** What was saved, and what became of it. */
#[OA\Schema(required: ['savedAt', 'reading'])]
final readonly class SavedView
{
    public function __construct(
        #[OA\Property(format: 'date-time')]
        public string $savedAt,
        #[OA\Property]
        public ReadingView $reading,
    ) {
    }
}
