<?php

declare(strict_types=1);

namespace Notagram\Rehearsal\Draw;

use Brick\Math\BigInteger;
use Brick\Math\BigRational;

/** How likely things are where so many of so many are drawn, for each pupil anew: exactly. */
final readonly class DrawChances
{
    /**
     * @param BigRational $each     that a given question is among those drawn
     * @param BigInteger  $sets     how many different sets there are
     * @param BigRational $disjoint that two pupils get no question in common
     * @param BigRational $same     that two pupils get the same questions
     */
    private function __construct(public int $of, public BigRational $each, public BigInteger $sets, public BigRational $disjoint, public BigRational $same)
    {
    }

    public static function ofDrawing(int $count, int $of): self
    {
        $sets = self::choose($of, $count);

        return new self($of, BigRational::ofFraction($count, $of), $sets, BigRational::ofFraction($count > $of - $count ? 0 : self::choose($of - $count, $count), $sets), BigRational::ofFraction(1, $sets));
    }

    /**
     * Of several lines together: that all of this is so in each of them.
     *
     * @param non-empty-list<self> $lines
     */
    public static function together(array $lines): self
    {
        $all = array_shift($lines);
        foreach ($lines as $line) {
            $all = new self($all->of + $line->of, $all->each->multipliedBy($line->each), $all->sets->multipliedBy($line->sets), $all->disjoint->multipliedBy($line->disjoint), $all->same->multipliedBy($line->same));
        }

        return $all;
    }

    private static function choose(int $of, int $count): BigInteger
    {
        $ways = BigInteger::one();
        for ($step = 1; $step <= min($count, $of - $count); ++$step) {
            $ways = $ways->multipliedBy($of - $step + 1)->quotient($step);
        }

        return $ways;
    }
}
