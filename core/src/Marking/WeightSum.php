<?php

declare(strict_types=1);

namespace Notagram\Marking;

use Brick\Math\BigDecimal;
use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use Notagram\Question\Option;

/** An exact sum of weights, with the allowance that weights written with only five decimals need. */
final readonly class WeightSum
{
    private function __construct(public BigRational $sum, private BigDecimal $allowance)
    {
    }

    /** @param list<Option> $options */
    public static function ofAll(array $options): self
    {
        $sum = BigRational::zero();
        $allowance = BigDecimal::zero();
        foreach ($options as $option) {
            $sum = $sum->plus($option->weight->percent);
            $allowance = $allowance->plus($option->weight->allowance());
        }

        return new self($sum, $allowance);
    }

    /** @param list<Option> $options */
    public static function ofPositive(array $options): self
    {
        return self::ofAll(array_values(array_filter($options, static fn (Option $option) => $option->weight->isAboveZero())));
    }

    public function isOver(int $percent): bool
    {
        return $this->sum->minus($this->allowance)->isGreaterThan($percent);
    }

    public function isUnder(int $percent): bool
    {
        return $this->sum->plus($this->allowance)->isLessThan($percent);
    }

    /** With at most two decimals. */
    public function shown(): string
    {
        return (string) $this->sum->toScale(2, RoundingMode::HalfUp)->strippedOfTrailingZeros();
    }
}
