<?php

declare(strict_types=1);

namespace Notagram\Finding\Remedy;

use Brick\Math\BigRational;
use Notagram\Finding\Remedy;

/** Gives options their part of the points. */
final readonly class Share implements Remedy
{
    /** @param array<int, BigRational> $percents by option, counted from 0; those that are not named keep theirs */
    public function __construct(private string $label, public array $percents)
    {
    }

    public function label(): string
    {
        return $this->label;
    }
}
