<?php

declare(strict_types=1);

namespace App\Reading;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;

/** Exact numbers as people read them: rounded, without zeros at the end, with a true minus sign. */
final class Decimals
{
    /** @param int<0, max> $decimals at most */
    public static function shown(BigRational $number, int $decimals): string
    {
        return str_replace('-', '−', (string) $number->toScale($decimals, RoundingMode::HalfUp)->strippedOfTrailingZeros());
    }
}
