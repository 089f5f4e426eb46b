<?php

declare(strict_types=1);

namespace Notagram\Handover\Qti;

use Brick\Math\BigDecimal;
use Notagram\Question\EvenShares;
use Notagram\Question\Question;
use Notagram\Question\Weight;

/** What parts of a question earn, in points: exact decimals, of weights to five decimals. */
final readonly class Scores
{
    private const DECIMALS = 5;

    public BigDecimal $points;

    public function __construct(Question $question)
    {
        $this->points = BigDecimal::of($question->points ?? '1');
    }

    /** The most that the question earns. */
    public function most(): string
    {
        return self::spelled($this->points);
    }

    public function of(Weight $weight): string
    {
        // Where the whole earns nothing, the shares still stand as they would for one point.
        return self::spelled(BigDecimal::of($weight->rounded(self::DECIMALS))->multipliedBy($this->points->isZero() ? BigDecimal::one() : $this->points)->dividedByExact(100));
    }

    /**
     * Even shares of the whole; what rounding leaves goes to the last.
     *
     * @return list<string>
     */
    public function shares(int $of): array
    {
        $share = EvenShares::for(array_fill(0, max(1, $of), true))[0];
        $rounded = BigDecimal::of($this->of($share));

        return [...array_fill(0, max(0, $of - 1), self::spelled($rounded)), self::spelled(BigDecimal::of($this->of(Weight::full()))->minus($rounded->multipliedBy(max(0, $of - 1))))];
    }

    public static function isRounded(Weight $weight): bool
    {
        return null === $weight->units && !$weight->percent()->isEqualTo($weight->rounded(self::DECIMALS));
    }

    public static function spelled(BigDecimal $number): string
    {
        return (string) $number->strippedOfTrailingZeros();
    }
}
