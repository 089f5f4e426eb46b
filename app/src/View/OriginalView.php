<?php

declare(strict_types=1);

namespace App\View;

use OpenApi\Attributes as OA;

/** A sheet's text as it came. */
#[OA\Schema(required: ['text'])]
final readonly class OriginalView
{
    public function __construct(
        #[OA\Property]
        public string $text,
    ) {
    }
}
