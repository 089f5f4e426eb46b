<?php

declare(strict_types=1);

namespace App\View;

use Notagram\Notation\TokenKind;
use OpenApi\Attributes as OA;

/** A stretch of a block that is shown in a colour of its own; editor offsets from the start of the block. */
#[OA\Schema(required: ['kind', 'from', 'to'])]
final readonly class TokenView
{
    public function __construct(
        #[OA\Property(type: 'string', enum: TokenKind::class)]
        public TokenKind $kind,
        #[OA\Property]
        public int $from,
        #[OA\Property]
        public int $to,
    ) {
    }
}
