<?php

declare(strict_types=1);

namespace App\View;

use OpenApi\Attributes as OA;

/** A prompt and its match. */
#[OA\Schema(required: ['prompt', 'match'])]
final readonly class PairView
{
    public function __construct(
        #[OA\Property]
        public string $prompt,
        #[OA\Property]
        public string $match,
    ) {
    }
}
