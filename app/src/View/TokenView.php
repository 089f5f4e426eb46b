<?php

declare(strict_types=1);

namespace App\View;

use Notagram\Notation\TokenKind;

/** A stretch of a block that is shown in a colour of its own; editor offsets from the start of the block. */
final readonly class TokenView
{
    public function __construct(
        public TokenKind $kind,
        public int $from,
        public int $to,
    ) {
    }
}
