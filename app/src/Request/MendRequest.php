<?php

declare(strict_types=1);

namespace App\Request;

use OpenApi\Attributes as OA;

/** Which safe fixes to apply to the text that $base names. */
#[OA\Schema(required: ['base'])]
final readonly class MendRequest
{
    /**
     * @param ?list<string> $codes null for all
     */
    public function __construct(
        #[OA\Property]
        public string $base,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), nullable: true)]
        public ?array $codes = null,
    ) {
    }
}
