<?php

declare(strict_types=1);

namespace App\View;

/** Of one line, how many there are to draw from, and how likely each of them appears, in per cent. */
final readonly class DrawLineView
{
    public function __construct(public int $of, public string $each)
    {
    }
}
