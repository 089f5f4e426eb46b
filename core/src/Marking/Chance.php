<?php

declare(strict_types=1);

namespace Notagram\Marking;

use Brick\Math\BigRational;

/** How likely something is: as an exact fraction, or between two bounds. */
final readonly class Chance
{
    private function __construct(public ?BigRational $exact, public float $least, public float $most)
    {
    }

    public static function exactly(BigRational $chance): self
    {
        return new self($chance, $chance->toFloat(), $chance->toFloat());
    }

    public static function between(float $least, float $most): self
    {
        return new self(null, max(0.0, $least), min(1.0, $most));
    }
}
