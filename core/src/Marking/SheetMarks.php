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
        $guesses = [];
        foreach (self::alike($questions) as $alike) {
            $ofAll = BigRational::of($alike->points)->multipliedBy($alike->times);
            $total = $total->plus($ofAll);
            $average = $alike->marks->guess();
            if (null === $average || null === $alike->marks->outcomes) {
                $guess = null;
                continue;
            }
            $guess = $guess?->plus($ofAll->multipliedBy($average)->dividedBy(100));
            $guesses[] = (new Guesses($alike->times, $alike->marks->outcomes))->scaledBy(BigRational::of($alike->points)->dividedBy(100));
        }

        return new self($total, $guess, null === $guess || $total->isZero() ? null : self::halfChance($guesses, $total));
    }

    /**
     * Questions that earn the same are counted together: a sheet has few kinds of them.
     *
     * @param list<Question> $questions
     *
     * @return list<AlikeQuestions>
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
            $alike[$key] = isset($alike[$key]) ? $alike[$key]->andOneMore() : new AlikeQuestions($points, $marks, 1);
        }

        return array_values($alike);
    }

    /** @param list<Guesses> $guesses in points */
    private static function halfChance(array $guesses, BigRational $total): Chance
    {
        // All outcomes in whole steps of one size, counted from the least.
        $denominator = BigInteger::one();
        foreach ($guesses as $one) {
            foreach ($one->outcomes as $outcome) {
                $of = $outcome->earns->getDenominator();
                $denominator = $denominator->multipliedBy($of)->quotient($denominator->gcd($of));
            }
        }
        $least = $common = BigInteger::zero();
        $whole = [];
        foreach ($guesses as $one) {
            $whole[] = $one = $one->scaledBy($denominator);
            $least = $least->plus($one->lowest->multipliedBy($one->times)->toBigInteger());
            foreach ($one->outcomes as $outcome) {
                $common = $common->gcd($outcome->earns->minus($one->lowest)->toBigInteger());
            }
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

    /** @param list<Guesses> $guesses in whole numbers */
    private static function tail(array $guesses, BigInteger $common, BigInteger $wanted, RoundingMode $rounding): Chance
    {
        $draws = [];
        foreach ($guesses as $one) {
            $steps = [];
            foreach ($one->outcomes as $outcome) {
                $step = max(0, $outcome->earns->minus($one->lowest)->toBigInteger()->dividedBy($common, $rounding)->toInt());
                $steps[$step] = ($steps[$step] ?? 0) + $outcome->ways;
            }
            $draws[] = new Draws($one->times, $steps);
        }

        return Tail::atLeast($draws, $wanted->toInt());
    }

    /** @param list<Guesses> $guesses in whole numbers */
    private static function mostSteps(array $guesses, BigInteger $common): BigInteger
    {
        $most = BigInteger::zero();
        foreach ($guesses as $one) {
            $most = $most->plus($one->highest->minus($one->lowest)->multipliedBy($one->times)->toBigInteger());
        }

        return $most->quotient($common);
    }
}
