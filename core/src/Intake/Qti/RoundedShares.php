<?php

declare(strict_types=1);

namespace Notagram\Intake\Qti;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;

/** Even shares as items write them down, with few decimals: three times 0.33 is one. */
final class RoundedShares
{
    /** So much of the whole may be lost on each by rounding: half a per cent. */
    private const ROUNDING = '1/200';
    private const DECIMALS = 5;

    /** Whether a share stands for the n-th part of a whole that no decimal can say. */
    public static function isPartOf(BigRational $whole, BigRational $share, int $parts): bool
    {
        if ($parts < 3 || !$whole->isPositive()) {
            return false;
        }
        $part = $whole->dividedBy($parts);
        $canBeSaid = $part->isEqualTo($part->toScale(self::DECIMALS, RoundingMode::HalfUp));

        return !$canBeSaid && $part->minus($share->abs())->abs()->isLessThanOrEqualTo($whole->multipliedBy(self::ROUNDING));
    }
}
