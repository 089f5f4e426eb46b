<?php

declare(strict_types=1);

namespace Notagram\Question;

use Brick\Math\BigDecimal;
use Brick\Math\BigRational;
use Brick\Math\RoundingMode;

/** Per cent of a question's points: exact, and remembered as it was written. */
final readonly class Weight
{
    private function __construct(private string $written, public BigRational $percent)
    {
    }

    /** @param string $written a decimal with a point, or a fraction such as 100/3 */
    public static function of(string $written): self
    {
        return new self($written, BigRational::of($written));
    }

    public static function exactly(BigRational $percent): self
    {
        return new self((string) $percent, $percent);
    }

    public static function full(): self
    {
        /** @var ?self $full */
        static $full = null;

        return $full ??= self::of('100');
    }

    public static function none(): self
    {
        /** @var ?self $none */
        static $none = null;

        return $none ??= self::of('0');
    }

    public function isAboveZero(): bool
    {
        return $this->percent->isPositive();
    }

    public function isZero(): bool
    {
        return $this->percent->isZero();
    }

    public function equals(self $other): bool
    {
        return $this === $other || $this->percent->isEqualTo($other->percent);
    }

    public function isGreaterThan(self $other): bool
    {
        return $this !== $other && $this->percent->isGreaterThan($other->percent);
    }

    /** An integer, a decimal as written, or a fraction. */
    public function toString(): string
    {
        return $this->written;
    }

    /**
     * With at most so many decimals, trailing zeros dropped: 33.33333.
     *
     * @param int<0, max> $decimals
     */
    public function rounded(int $decimals): string
    {
        return (string) $this->percent->toScale($decimals, RoundingMode::HalfUp)->strippedOfTrailingZeros();
    }

    /** How far a sum may be off because this weight was written with only five decimals. */
    public function allowance(): BigDecimal
    {
        return 1 === preg_match('/\.\d{5}$/', $this->written) ? BigDecimal::of('0.00001') : BigDecimal::zero();
    }
}
