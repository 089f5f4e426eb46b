<?php

declare(strict_types=1);

namespace Notagram\Question;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use Notagram\Source\Regex;

/** Per cent of a question's points: exact, and remembered as it was written. */
final readonly class Weight
{
    /** An even share is one of so many at most: there are no more letters for options. */
    private const MOST_PARTS = 26;

    /** Where the weight has at most five decimals, so many hundred-thousandths of a per cent: nearly all, and quick to add up. */
    public ?int $units;

    private function __construct(private string $written)
    {
        $this->units = Regex::match('/^(-?)(\d{1,9})(?:\.(\d{1,5}))?\z/', $written, $match)
            ? (int) ($match[1].$match[2].str_pad($match[3] ?? '', 5, '0'))
            : null;
    }

    /** @param string $written a decimal with a point, or a fraction such as 100/3 */
    public static function of(string $written): self
    {
        return new self($written);
    }

    public static function exactly(BigRational $percent): self
    {
        return new self((string) $percent);
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

    public function percent(): BigRational
    {
        return BigRational::of($this->written);
    }

    /**
     * The fraction that it stands for: five decimals that are k · 100/n, with n up to 26, are that share, so that all shares come
     * to a whole; else as written.
     */
    public function share(): BigRational
    {
        /** @var array<int, BigRational> $known by units */
        static $known = [];
        if (null === $this->units || !$this->hasFiveDecimals()) {
            return $this->percent();
        }
        for ($parts = 3; !isset($known[$this->units]) && $parts <= self::MOST_PARTS; ++$parts) {
            $times = (int) round($this->units * $parts / 10_000_000);
            if ((int) round($times * 10_000_000 / $parts) === $this->units) {
                $known[$this->units] = BigRational::ofFraction(100 * $times, $parts);
            }
        }

        return $known[$this->units] ?? $this->percent();
    }

    public function isAboveZero(): bool
    {
        return null === $this->units ? $this->percent()->isPositive() : $this->units > 0;
    }

    public function isZero(): bool
    {
        return null === $this->units ? $this->percent()->isZero() : 0 === $this->units;
    }

    public function equals(self $other): bool
    {
        return $this === $other || 0 === $this->compareTo($other);
    }

    /** Whether both are the same with the five decimals that a share is written down with: 33.33333 and 100/3. */
    public function isWrittenAs(self $other): bool
    {
        return $this->equals($other) || $this->rounded(5) === $other->rounded(5);
    }

    public function isGreaterThan(self $other): bool
    {
        return $this !== $other && $this->compareTo($other) > 0;
    }

    private function compareTo(self $other): int
    {
        return null === $this->units || null === $other->units ? $this->percent()->compareTo($other->percent()) : $this->units <=> $other->units;
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
        // Nearly all are whole numbers.
        if (null !== $this->units && 0 === $this->units % 100_000) {
            return (string) intdiv($this->units, 100_000);
        }

        return (string) $this->percent()->toScale($decimals, RoundingMode::HalfUp)->strippedOfTrailingZeros();
    }

    /** Whether a share may have lost a little when it was written down: 33.33333. */
    public function hasFiveDecimals(): bool
    {
        return '.' === substr($this->written, -6, 1);
    }
}
