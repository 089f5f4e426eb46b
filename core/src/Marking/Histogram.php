<?php

declare(strict_types=1);

namespace Notagram\Marking;

/**
 * What independent draws come to, in floating-point numbers: how likely each sum is. Sums that hardly ever come up are left
 * out, and what they weigh together is remembered.
 */
final readonly class Histogram
{
    /** What is less likely than this is left out. */
    private const NEGLIGIBLE = 1e-11;
    /** More products of two chances than these take longer than a person should wait: a tenth of a second. */
    private const MOST_PRODUCTS = 1_000_000;

    /**
     * @param array<int, float> $chances by sum
     * @param float             $lost    what was left out, and more than rounding can have cost
     * @param int               $cost    products of two chances that it took
     */
    private function __construct(private array $chances, private float $lost, private int $cost)
    {
    }

    /**
     * @param list<Draws> $draws
     *
     * @return ?self null where it would take too long
     */
    public static function of(array $draws): ?self
    {
        $sum = new self([0 => 1.0], 0.0, 0);
        foreach ($draws as $one) {
            $power = new self($one->chances(), 0.0, $sum->cost);
            for ($times = $one->times; $times > 0; $times >>= 1) {
                $sum = 1 === ($times & 1) ? $sum->joinedWith($power) : $sum;
                $power = $times > 1 ? $power->joinedWith($power) : $power;
                if (null === $sum || null === $power) {
                    return null;
                }
                $power = new self($power->chances, $power->lost, max($power->cost, $sum->cost));
                $sum = new self($sum->chances, $sum->lost, $power->cost);
            }
        }

        return $sum;
    }

    private function joinedWith(self $other): ?self
    {
        $cost = max($this->cost, $other->cost) + \count($this->chances) * \count($other->chances);
        if ($cost > self::MOST_PRODUCTS) {
            return null;
        }
        $chances = [];
        foreach ($this->chances as $sum => $chance) {
            foreach ($other->chances as $more => $times) {
                $both = $sum + $more;
                $chances[$both] = ($chances[$both] ?? 0.0) + $chance * $times;
            }
        }
        // Each sum of so many positive products is off by no more than so many roundings.
        $lost = $this->lost + $other->lost + \PHP_FLOAT_EPSILON * (\count($this->chances) + \count($other->chances));
        foreach ($chances as $sum => $chance) {
            if ($chance < self::NEGLIGIBLE) {
                $lost += $chance;
                unset($chances[$sum]);
            }
        }

        return new self($chances, $lost, $cost);
    }

    public function atLeast(int $step): Chance
    {
        $chance = 0.0;
        foreach ($this->chances as $sum => $one) {
            $chance += $sum >= $step ? $one : 0.0;
        }

        return Chance::between($chance - $this->lost, $chance + $this->lost);
    }
}
