<?php

declare(strict_types=1);

namespace App\View;

use OpenApi\Attributes as OA;

/** An encoding: its IANA name, and how people call it. */
#[OA\Schema(required: ['name', 'label'])]
final readonly class EncodingView
{
    public function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $label,
    ) {
    }
}
