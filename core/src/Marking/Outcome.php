<?php

declare(strict_types=1);

namespace Notagram\Marking;

use Brick\Math\BigRational;

/** What an answer comes to, with the number of ways to get there by guessing. */
final readonly class Outcome
{
    public function __construct(public BigRational $earns, public int $ways)
    {
    }
}
