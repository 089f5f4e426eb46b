<?php

declare(strict_types=1);

namespace App\View;

use OpenApi\Attributes as OA;

/** So many findings of a code. */
#[OA\Schema(required: ['code', 'times'])]
final readonly class MendedCodeView
{
    public function __construct(
        #[OA\Property]
        public string $code,
        #[OA\Property]
        public int $times,
    ) {
    }
}
