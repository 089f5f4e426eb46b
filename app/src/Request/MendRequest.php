<?php

declare(strict_types=1);

namespace App\Request;

use OpenApi\Attributes as OA;

/** Which fixes to apply to the text that $base names: all that are safe, or every one of a kind. */
#[OA\Schema(required: ['base'])]
final readonly class MendRequest
{
    /** @param ?string $code null for all that is safe */
    public function __construct(
        #[OA\Property]
        public string $base,
        #[OA\Property]
        public ?string $code = null,
    ) {
    }
}
