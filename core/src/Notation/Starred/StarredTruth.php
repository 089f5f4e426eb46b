<?php

declare(strict_types=1);

namespace Notagram\Notation\Starred;

use Notagram\Source\Span;

/** A word for true or false, whether a star stands at it, and where it stands in the source. */
final readonly class StarredTruth
{
    public function __construct(public bool $isTrue, public bool $isMarked, public Span $span)
    {
    }
}
