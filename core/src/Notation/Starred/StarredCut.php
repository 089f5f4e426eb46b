<?php

declare(strict_types=1);

namespace Notagram\Notation\Starred;

use Notagram\Notation\BlockKind;

/** Where a block lies, before the key list at the end has told its answer. */
final readonly class StarredCut
{
    /**
     * @param ?int    $number as printed
     * @param ?string $part   the heading of the part of the test it stands in, where keys tell parts apart
     */
    public function __construct(public BlockKind $kind, public int $start, public int $end, public StarredContext $context, public ?int $number, public ?string $part)
    {
    }
}
