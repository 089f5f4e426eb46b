<?php

declare(strict_types=1);

namespace Notagram\Marking;

use Brick\Math\BigInteger;
use Brick\Math\BigRational;

/**
 * What independent draws come to, exactly: how many of all equally likely ways lead to each sum.
 *
 * The ways are kept as one large integer with a slot of so many bits for each sum, so that two distributions are combined by
 * one multiplication.
 */
final readonly class Distribution
{
    /** A distribution that would take more bits than this is not worked out: it would take longer than a moment. */
    private const MAX_BITS = 400_000;

    /**
     * @param BigInteger  $sums  packed
     * @param int<1, max> $slot  bits for each sum
     * @param int         $steps the greatest sum
     */
    private function __construct(private BigInteger $sums, private int $slot, private int $steps, private BigInteger $ways)
    {
    }

    /**
     * @param list<Draws> $draws
     *
     * @return ?self null where it would be too large to work out
     */
    public static function of(array $draws): ?self
    {
        $bits = 0.0;
        $steps = 0;
        foreach ($draws as $one) {
            $bits += $one->times * log($one->ways, 2);
            $steps += $one->mostSteps();
        }
        // Whole hexadecimal digits, so that a slot can be cut out of the written number.
        $slot = 4 * (int) ceil(($bits + 2) / 4);
        if ($slot * ($steps + 1) > self::MAX_BITS) {
            return null;
        }
        $packed = $ways = BigInteger::one();
        foreach ($draws as $draw) {
            $one = BigInteger::zero();
            foreach ($draw->outcomes as $step => $count) {
                $one = $one->plus(BigInteger::of($count)->shiftedLeft($slot * $step));
            }
            $packed = $packed->multipliedBy($one->power($draw->times));
            $ways = $ways->multipliedBy(BigInteger::of($draw->ways)->power($draw->times));
        }

        return new self($packed, max(4, $slot), $steps, $ways);
    }

    /** How likely the sum is at least so many steps: a fraction in lowest terms. */
    public function atLeast(int $step): BigRational
    {
        if ($step <= 0) {
            return BigRational::one();
        }
        if ($step > $this->steps) {
            return BigRational::zero();
        }
        $digits = $this->sums->shiftedRight($this->slot * $step)->toBase(16);
        $width = intdiv($this->slot, 4);
        $favourable = BigInteger::zero();
        for ($end = \strlen($digits); $end > 0; $end -= $width) {
            $favourable = $favourable->plus(BigInteger::fromBase('0'.substr($digits, max(0, $end - $width), min($width, $end)), 16));
        }

        return BigRational::ofFraction($favourable, $this->ways);
    }
}
