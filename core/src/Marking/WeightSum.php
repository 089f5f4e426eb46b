<?php

declare(strict_types=1);

namespace Notagram\Marking;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use Notagram\Question\Option;

/** An exact sum of weights, with the allowance that weights written with only five decimals need. */
final readonly class WeightSum
{
    private const UNITS_IN_A_PERCENT = 100_000;

    /**
     * @param int          $units     hundred-thousandths of a per cent: what the weights with few decimals come to
     * @param ?BigRational $others    what the rest comes to; null where there is none
     * @param int          $allowance units by which the sum may be off: one for each weight written with five decimals
     */
    private function __construct(private int $units, private ?BigRational $others, private int $allowance)
    {
    }

    /** @param list<Option> $options */
    public static function ofAll(array $options): self
    {
        $units = $allowance = 0;
        $others = null;
        foreach ($options as $option) {
            if (null === $option->weight->units) {
                $others = $option->weight->percent()->plus($others ?? 0);
            } else {
                $units += $option->weight->units;
                $allowance += $option->weight->hasFiveDecimals() ? 1 : 0;
            }
        }

        return new self($units, $others, $allowance);
    }

    /** @param list<Option> $options */
    public static function ofPositive(array $options): self
    {
        return self::ofAll(array_values(array_filter($options, static fn (Option $option) => $option->weight->isAboveZero())));
    }

    public function isOver(int $percent): bool
    {
        return $this->compareTo($percent * self::UNITS_IN_A_PERCENT + $this->allowance) > 0;
    }

    public function isUnder(int $percent): bool
    {
        return $this->compareTo($percent * self::UNITS_IN_A_PERCENT - $this->allowance) < 0;
    }

    public function exact(): BigRational
    {
        return BigRational::ofFraction($this->units, self::UNITS_IN_A_PERCENT)->plus($this->others ?? 0);
    }

    /** With at most two decimals. */
    public function shown(): string
    {
        return (string) $this->exact()->toScale(2, RoundingMode::HalfUp)->strippedOfTrailingZeros();
    }

    private function compareTo(int $units): int
    {
        return null === $this->others ? $this->units <=> $units : $this->exact()->compareTo(BigRational::ofFraction($units, self::UNITS_IN_A_PERCENT));
    }
}
