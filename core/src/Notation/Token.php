<?php

declare(strict_types=1);

namespace Notagram\Notation;

/** A stretch of a block that is shown in a colour of its own; bytes relative to the block. */
final readonly class Token
{
    public function __construct(public TokenKind $kind, public int $start, public int $end)
    {
    }
}
