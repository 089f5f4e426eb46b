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
    /** What a machine's number holds, with room for sums. */
    private const MOST_BITS = 60;

    /**
     * @param BigRational  $total      the points of all questions
     * @param ?BigRational $guess      what blind guessing earns on average; null where it is too much to work out
     * @param ?Chance      $halfChance how likely guessing earns at least half of the points; null where there is no average
     */
    private function __construct(public BigRational $total, public ?BigRational $guess, public ?Chance $halfChance)
    {
    }

    /** @param list<Question> $questions */
    public static function of(array $questions): self
    {
        $total = $guess = BigRational::zero();
        $draws = [];
        foreach (self::alike($questions) as [$points, $marks, $times]) {
            $ofAll = BigRational::of($points)->multipliedBy($times);
            $total = $total->plus($ofAll);
            $average = $marks->guess();
            $guess = null === $average || null === $guess ? null : $guess->plus($ofAll->multipliedBy($average)->dividedBy(100));
            $draws[] = [$times, array_map(static fn (array $outcome) => [$outcome[0]->multipliedBy($points)->dividedBy(100), $outcome[1]], $marks->outcomes ?? [])];
        }

        return new self($total, $guess, null === $guess || $total->isZero() ? null : self::halfChance($draws, $total));
    }

    /**
     * Questions that earn the same are counted together: a sheet has few kinds of them.
     *
     * @param list<Question> $questions
     *
     * @return list<array{string, QuestionMarks, int<1, max>}> points, marks, and how many questions have both
     */
    private static function alike(array $questions): array
    {
        $alike = [];
        foreach ($questions as $question) {
            $marks = QuestionMarks::of($question);
            if (null === $marks) {
                continue;
            }
            $points = $question->points ?? '1';
            // Marks that are the same are one object, which stays alive here.
            $key = $points.' '.spl_object_id($marks);
            $alike[$key] = [$points, $marks, ($alike[$key][2] ?? 0) + 1];
        }

        return array_values($alike);
    }

    /** @param list<array{int<1, max>, list<array{BigRational, int}>}> $groups so many questions, each with these outcomes in points */
    private static function halfChance(array $groups, BigRational $total): Chance
    {
        // All outcomes in whole steps of one size, counted from the least.
        $denominator = BigInteger::one();
        foreach ($groups as [, $outcomes]) {
            foreach ($outcomes as [$earns]) {
                $denominator = $denominator->multipliedBy($earns->getDenominator())->quotient($denominator->gcd($earns->getDenominator()));
            }
        }
        $least = $common = BigInteger::zero();
        $whole = [];
        foreach ($groups as [$times, $outcomes]) {
            $numbers = array_map(static fn (array $outcome) => $outcome[0]->multipliedBy($denominator)->toBigInteger(), $outcomes);
            $lowest = BigInteger::min(...$numbers);
            $least = $least->plus($lowest->multipliedBy($times));
            foreach ($numbers as $number) {
                $common = $common->gcd($number->minus($lowest));
            }
            $whole[] = [$times, $lowest, $numbers, array_column($outcomes, 1)];
        }
        if ($common->isZero()) {
            // Every guess comes to the same.
            return Chance::exactly(BigRational::ofFraction($least, $denominator)->multipliedBy(2)->isGreaterThanOrEqualTo($total) ? BigRational::one() : BigRational::zero());
        }
        $wanted = $total->dividedBy(2)->multipliedBy($denominator)->minus($least)->dividedBy($common)->toScale(0, RoundingMode::Ceiling)->toBigInteger();
        // Steps finer than a machine's numbers can count are joined, once downwards and once upwards.
        $bits = BigInteger::max($wanted, self::mostSteps($whole, $common))->getBitLength();
        if ($bits <= self::MOST_BITS) {
            return self::tail($whole, $common, $wanted, RoundingMode::Unnecessary);
        }
        $common = $common->shiftedLeft($bits - self::MOST_BITS);
        $wanted = BigRational::ofFraction($wanted, BigInteger::one()->shiftedLeft($bits - self::MOST_BITS))->toScale(0, RoundingMode::Ceiling)->toBigInteger();

        return Chance::between(self::tail($whole, $common, $wanted, RoundingMode::Floor)->least, self::tail($whole, $common, $wanted, RoundingMode::Ceiling)->most);
    }

    /** @param list<array{int<1, max>, BigInteger, list<BigInteger>, list<int>}> $groups */
    private static function tail(array $groups, BigInteger $common, BigInteger $wanted, RoundingMode $rounding): Chance
    {
        $draws = [];
        foreach ($groups as [$times, $lowest, $numbers, $ways]) {
            $steps = [];
            foreach ($numbers as $index => $number) {
                $step = max(0, $number->minus($lowest)->dividedBy($common, $rounding)->toInt());
                $steps[$step] = ($steps[$step] ?? 0) + $ways[$index];
            }
            $draws[] = new Draws($times, $steps);
        }

        return Tail::atLeast($draws, $wanted->toInt());
    }

    /** @param list<array{int<1, max>, BigInteger, list<BigInteger>, list<int>}> $groups */
    private static function mostSteps(array $groups, BigInteger $common): BigInteger
    {
        $most = BigInteger::zero();
        foreach ($groups as [$times, $lowest, $numbers]) {
            $most = $most->plus(BigInteger::max(...$numbers)->minus($lowest)->multipliedBy($times));
        }

        return $most->quotient($common);
    }
}
