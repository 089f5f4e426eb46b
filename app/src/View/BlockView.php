<?php

declare(strict_types=1);

namespace App\View;

use Notagram\Notation\BlockKind;

/** Where a block stands among the others: its name, its length in editor offsets, and what it is. */
final readonly class BlockView
{
    public function __construct(
        public string $id,
        public int $length,
        public BlockKind $kind,
    ) {
    }
}
