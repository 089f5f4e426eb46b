<?php

declare(strict_types=1);

namespace Notagram\Marking;

use Brick\Math\BigInteger;
use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use Notagram\Question\Question;

/** What a whole sheet can earn, and what blind guessing earns of it: exact fractions of points. */
final readonly class SheetMarks
{
    /**
     * @param BigRational  $total      the points of all questions
     * @param ?BigRational $guess      what blind guessing earns on average; null where it is too much to work out
     * @param ?BigRational $halfChance how likely guessing earns at least half of the points; null where it is too much to work out
     */
    private function __construct(public BigRational $total, public ?BigRational $guess, public ?BigRational $halfChance)
    {
    }

    /** @param list<Question> $questions */
    public static function of(array $questions): self
    {
        $total = $guess = BigRational::zero();
        /** @var array<string, array{int<0, max>, list<array{BigRational, int}>}> $alike questions with the same outcomes are counted together */
        $alike = [];
        foreach ($questions as $question) {
            $marks = QuestionMarks::of($question);
            if (null === $marks) {
                continue;
            }
            $points = BigRational::of($question->points ?? 1);
            $total = $total->plus($points);
            $average = $marks->guess();
            $guess = null === $average || null === $guess ? null : $guess->plus($points->multipliedBy($average)->dividedBy(100));
            if (null === $guess) {
                continue;
            }
            $outcomes = array_map(static fn (array $outcome) => [$outcome[0]->multipliedBy($points)->dividedBy(100), $outcome[1]], $marks->outcomes ?? []);
            $key = implode(';', array_map(static fn (array $outcome) => "{$outcome[0]}*{$outcome[1]}", $outcomes));
            $alike[$key] = [($alike[$key][0] ?? 0) + 1, $outcomes];
        }

        return new self($total, $guess, null === $guess || $total->isZero() ? null : self::halfChance(array_values($alike), $total));
    }

    /** @param list<array{int<0, max>, list<array{BigRational, int}>}> $groups */
    private static function halfChance(array $groups, BigRational $total): ?BigRational
    {
        // All outcomes in whole steps of one size, counted from the least.
        $denominator = BigInteger::one();
        foreach ($groups as [, $outcomes]) {
            foreach ($outcomes as [$earns]) {
                $denominator = $denominator->multipliedBy($earns->getDenominator())->quotient($denominator->gcd($earns->getDenominator()));
            }
        }
        if ($denominator->getBitLength() > 40) {
            return null;
        }
        $least = BigInteger::zero();
        $common = BigInteger::zero();
        $whole = [];
        foreach ($groups as [$draws, $outcomes]) {
            $numbers = array_map(static fn (array $outcome) => $outcome[0]->multipliedBy($denominator)->toBigInteger(), $outcomes);
            $lowest = BigInteger::min(...$numbers);
            $least = $least->plus($lowest->multipliedBy($draws));
            foreach ($numbers as $index => $number) {
                $common = $common->gcd($number->minus($lowest));
            }
            $whole[] = [$draws, $lowest, $numbers, $outcomes];
        }
        if ($common->isZero()) {
            // Every guess comes to the same.
            return BigRational::ofFraction($least, $denominator)->multipliedBy(2)->isGreaterThanOrEqualTo($total) ? BigRational::one() : BigRational::zero();
        }
        $sums = [];
        foreach ($whole as [$draws, $lowest, $numbers, $outcomes]) {
            $steps = [];
            foreach ($numbers as $index => $number) {
                $step = $number->minus($lowest)->quotient($common);
                if ($step->getBitLength() > 31) {
                    return null;
                }
                $size = max(0, $step->toInt());
                $steps[$size] = ($steps[$size] ?? 0) + $outcomes[$index][1];
            }
            $sums[] = [$draws, $steps];
        }
        $wanted = $total->dividedBy(2)->multipliedBy($denominator)->minus($least)->dividedBy($common);
        $half = $wanted->isPositive() ? $wanted->toScale(0, RoundingMode::Ceiling)->toBigInteger() : BigInteger::zero();

        return $half->getBitLength() > 40 ? null : Distribution::ofSums($sums)?->atLeast($half->toInt());
    }
}
