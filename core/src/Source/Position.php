<?php

declare(strict_types=1);

namespace Notagram\Source;

/** A place as people count it: line and column from 1, a column being a code point. */
final readonly class Position
{
    public function __construct(public int $line, public int $column)
    {
    }
}
