<?php

declare(strict_types=1);

namespace App\View;

use Notagram\Notation\BlockKind;
use OpenApi\Attributes as OA;

/** Where a block stands among the others: its name, its length in editor offsets, and what it is. */
#[OA\Schema(required: ['id', 'length', 'kind'])]
final readonly class BlockView
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public int $length,
        #[OA\Property(type: 'string', enum: BlockKind::class)]
        public BlockKind $kind,
    ) {
    }
}
