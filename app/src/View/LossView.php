<?php

declare(strict_types=1);

namespace App\View;

use Notagram\Notation\LossKind;
use OpenApi\Attributes as OA;

/** What a target cannot hold, and what happens to it. */
#[OA\Schema(required: ['kind', 'message'])]
final readonly class LossView
{
    public function __construct(
        #[OA\Property(type: 'string', enum: LossKind::class)]
        public LossKind $kind,
        #[OA\Property]
        public string $message,
    ) {
    }
}
