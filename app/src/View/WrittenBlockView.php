<?php

declare(strict_types=1);

namespace App\View;

use OpenApi\Attributes as OA;

/** A written block by name. */
#[OA\Schema(required: ['id', 'written'])]
final readonly class WrittenBlockView
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public WrittenView $written,
    ) {
    }
}
