<?php

declare(strict_types=1);

namespace Notagram\Marking;

use Brick\Math\BigRational;

/**
 * How likely independent draws come to so many steps at least, whatever their number.
 *
 * Exactly where the ways can be counted in a moment; from a few hundred draws on by a convolution of floating-point numbers,
 * whose error is far below what anybody shows; and where even that would take longer, between proven bounds.
 */
final class Tail
{
    /**
     * Shevtsova's constant (2010) in the theorem of Berry and Esseen, for draws that need not be alike: from memory.
     */
    private const BERRY_ESSEEN = 0.56;
    /** The approximation of the normal distribution is off by no more (Abramowitz & Stegun, 26.2.17; from memory). */
    private const NORMAL_ERROR = 7.5e-8;

    /** Bounds that lie no further apart are as good as the chance itself: nobody shows the hundredth part of a per cent. */
    private const NARROW = 1e-5;

    /** @param list<Draws> $draws */
    public static function atLeast(array $draws, int $step): Chance
    {
        if ($step <= 0) {
            return Chance::exactly(BigRational::one());
        }
        if ($step > array_sum(array_map(static fn (Draws $one) => $one->mostSteps(), $draws))) {
            return Chance::exactly(BigRational::zero());
        }
        $exact = Distribution::of($draws)?->atLeast($step);

        if (null !== $exact) {
            return Chance::exactly($exact);
        }
        $bounds = self::bounds($draws, $step);

        return $bounds->most - $bounds->least < self::NARROW ? $bounds : Histogram::of($draws)?->atLeast($step) ?? $bounds;
    }

    /**
     * The narrower of two bounds on either side: that of Chernoff far out, that of Berry and Esseen near the mean.
     *
     * @param list<Draws> $draws
     */
    public static function bounds(array $draws, int $step): Chance
    {
        $mean = $variance = $skew = 0.0;
        foreach ($draws as $one) {
            $expected = 0.0;
            foreach ($one->chances() as $size => $chance) {
                $expected += $size * $chance;
            }
            $mean += $one->times * $expected;
            foreach ($one->chances() as $size => $chance) {
                $variance += $one->times * $chance * ($size - $expected) ** 2;
                $skew += $one->times * $chance * abs($size - $expected) ** 3;
            }
        }
        if (0.0 === $variance) {
            return Chance::between($step <= $mean ? 1.0 : 0.0, $step <= $mean ? 1.0 : 0.0);
        }
        $normal = self::normalTail(($step - $mean) / sqrt($variance));
        $error = self::BERRY_ESSEEN * $skew / $variance ** 1.5 + self::NORMAL_ERROR;
        $least = $normal - $error;
        $most = $normal + $error;

        return $step > $mean
            ? Chance::between($least, min($most, self::chernoff($draws, $step, 1)))
            : Chance::between(max($least, 1 - self::chernoff($draws, $step, -1)), $most);
    }

    /**
     * Chernoff's bound on the chance of a sum at least (direction 1) or at most (−1) so many steps: the least value over t of
     * the sum of log E(exp(tX)) less t times the steps, which has one valley.
     *
     * @param list<Draws> $draws
     */
    private static function chernoff(array $draws, int $step, int $direction): float
    {
        $exponent = static function (float $t) use ($draws, $step, $direction): float {
            $sum = -$direction * $t * $step;
            foreach ($draws as $one) {
                $largest = max(0.0, ...array_map(static fn (int $size) => $direction * $t * $size, array_keys($one->outcomes)));
                $moment = 0.0;
                foreach ($one->chances() as $size => $chance) {
                    $moment += $chance * exp($direction * $t * $size - $largest);
                }
                $sum += $one->times * ($largest + log($moment));
            }

            return $sum;
        };
        $low = 0.0;
        $high = 64 / max(1, ...array_merge(...array_map(static fn (Draws $one) => array_keys($one->outcomes), $draws)));
        for ($round = 0; $round < 60; ++$round) {
            $first = $low + ($high - $low) / 3;
            $second = $high - ($high - $low) / 3;
            [$low, $high] = $exponent($first) < $exponent($second) ? [$low, $second] : [$first, $high];
        }

        return exp(min(0.0, $exponent($low)));
    }

    /** How likely a standard normal number is at least so large. */
    private static function normalTail(float $x): float
    {
        if ($x < 0) {
            return 1 - self::normalTail(-$x);
        }
        $t = 1 / (1 + 0.2316419 * $x);
        $series = $t * (0.319381530 + $t * (-0.356563782 + $t * (1.781477937 + $t * (-1.821255978 + $t * 1.330274429))));

        return exp(-$x * $x / 2) / sqrt(2 * \M_PI) * $series;
    }
}
