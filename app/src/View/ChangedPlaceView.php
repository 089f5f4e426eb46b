<?php

declare(strict_types=1);

namespace App\View;

use OpenApi\Attributes as OA;

/** A stretch of whole lines, before and after. */
#[OA\Schema(required: ['line', 'before', 'after'])]
final readonly class ChangedPlaceView
{
    public function __construct(
        #[OA\Property]
        public int $line,
        #[OA\Property]
        public string $before,
        #[OA\Property]
        public string $after,
    ) {
    }
}
