<?php

declare(strict_types=1);

namespace Notagram\Marking;

use Brick\Math\BigInteger;
use Brick\Math\BigRational;

/**
 * What independent draws come to, exactly: how many of all equally likely ways lead to each sum.
 *
 * The ways are kept as one large integer with a slot of so many bits for each sum, so that two distributions are combined by
 * one multiplication; where few sums lie far apart, they are listed instead. Sums count in whole steps from the least.
 */
final readonly class Distribution
{
    /** A distribution that would take more bits than this is not packed; a tenth of a second. */
    private const MAX_BITS = 4_000_000;
    /** Nor is one with more different sums than this worked out one by one. */
    private const MAX_SUMS = 4_000;

    /**
     * @param BigInteger|array<int, BigInteger> $sums  packed, or listed
     * @param int<1, max>                       $slot  bits for each packed sum
     * @param int                               $steps the greatest sum, in steps above the least
     */
    private function __construct(private BigInteger|array $sums, private int $slot, private int $steps, private BigInteger $ways)
    {
    }

    /**
     * Of so many draws, how many come out: the binomial distribution, or several of them joined.
     *
     * @param list<array{int<0, max>, int, int}> $groups so many draws, each with so many ways to come out of so many ways in all
     */
    public static function ofHits(array $groups): ?self
    {
        return self::ofSums(array_map(static fn (array $group) => [$group[0], [0 => $group[2] - $group[1], 1 => $group[1]]], $groups));
    }

    /**
     * @param list<array{int<0, max>, array<int<0, max>, int>}> $groups so many draws, and the ways to each step that one of them may come to
     *
     * @return ?self null where it would be too large to work out
     */
    public static function ofSums(array $groups): ?self
    {
        $ways = BigInteger::one();
        $steps = 0;
        foreach ($groups as [$draws, $outcomes]) {
            $ways = $ways->multipliedBy(BigInteger::of(array_sum($outcomes))->power($draws));
            $steps += $draws * max(0, ...array_keys($outcomes));
        }
        // Whole hexadecimal digits, so that a slot can be cut out of the written number.
        $slot = max(4, 4 * intdiv($ways->getBitLength() + 7, 4));
        if ($steps > self::MAX_SUMS || $slot * ($steps + 1) > self::MAX_BITS) {
            $sums = self::listed($groups);

            return null === $sums ? null : new self($sums, $slot, $steps, $ways);
        }
        $packed = BigInteger::one();
        foreach ($groups as [$draws, $outcomes]) {
            $one = BigInteger::zero();
            foreach ($outcomes as $step => $count) {
                $one = $one->plus(BigInteger::of($count)->shiftedLeft($slot * $step));
            }
            $packed = $packed->multipliedBy($one->power($draws));
        }

        return new self($packed, $slot, $steps, $ways);
    }

    /**
     * @param list<array{int<0, max>, array<int<0, max>, int>}> $groups
     *
     * @return ?array<int, BigInteger> the number of ways to each sum; null where there are too many sums
     */
    private static function listed(array $groups): ?array
    {
        $sums = [0 => BigInteger::one()];
        foreach ($groups as [$draws, $outcomes]) {
            for ($draw = 0; $draw < $draws; ++$draw) {
                $next = [];
                foreach ($sums as $sum => $ways) {
                    foreach ($outcomes as $step => $count) {
                        $more = $ways->multipliedBy($count);
                        $next[$sum + $step] = isset($next[$sum + $step]) ? $next[$sum + $step]->plus($more) : $more;
                    }
                }
                if (\count($next) > self::MAX_SUMS) {
                    return null;
                }
                $sums = $next;
            }
        }

        return $sums;
    }

    /**
     * Whether so many hits or more come up less often than that.
     *
     * Far out, Hoeffding's bound (1963) settles it, and close to the mean nothing needs to be worked out; between them the
     * tail is exact. False where it would be too large to work out.
     *
     * @param list<array{int<0, max>, int, int}> $groups
     */
    public static function isRarer(array $groups, int $atLeast, BigRational $chance): bool
    {
        $draws = $mean = $variance = 0.0;
        foreach ($groups as [$count, $hits, $of]) {
            $draws += $count;
            $mean += $count * $hits / $of;
            $variance += $count * $hits / $of * (1 - $hits / $of);
        }
        if ($atLeast - $mean < 1.5 * sqrt($variance)) {
            return false;
        }
        $share = $atLeast / $draws;
        $expected = $mean / $draws;
        $divergence = $share * log($share / $expected) + ($share < 1 ? (1 - $share) * log((1 - $share) / (1 - $expected)) : 0);
        if (exp(-$draws * $divergence) < 0.99 * $chance->toFloat()) {
            return true;
        }

        return self::ofHits($groups)?->atLeast($atLeast)->isLessThan($chance) ?? false;
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
        if (\is_array($this->sums)) {
            $favourable = BigInteger::zero();
            foreach ($this->sums as $sum => $ways) {
                $favourable = $sum >= $step ? $favourable->plus($ways) : $favourable;
            }

            return BigRational::ofFraction($favourable, $this->ways);
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
