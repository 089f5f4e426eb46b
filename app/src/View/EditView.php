<?php

declare(strict_types=1);

namespace App\View;

use OpenApi\Attributes as OA;

/** Puts a text in the place of a stretch; editor offsets. */
#[OA\Schema(required: ['from', 'to', 'text'])]
final readonly class EditView
{
    public function __construct(
        #[OA\Property]
        public int $from,
        #[OA\Property]
        public int $to,
        #[OA\Property]
        public string $text,
    ) {
    }
}
