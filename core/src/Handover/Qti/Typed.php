<?php

declare(strict_types=1);

namespace Notagram\Handover\Qti;

use Brick\Math\BigDecimal;
use Notagram\Question\AcceptedAnswer;
use Notagram\Question\AcceptedNumber;
use Notagram\Question\Weight;

/** What both kinds of item need to know of answers that are typed. */
final class Typed
{
    /** Of more numbers than this, those that are never reached stay where they are: they do no harm. */
    public const MOST_COMPARED = 100;

    /**
     * Whether two differ in case alone, so that case must count.
     *
     * @param list<AcceptedAnswer> $accepted
     */
    public static function isCaseSensitive(array $accepted): bool
    {
        $texts = array_unique(array_map(static fn (AcceptedAnswer $one) => $one->text, $accepted));

        return \count(array_unique(array_map(static fn (string $text) => mb_convert_case($text, \MB_CASE_FOLD, 'UTF-8'), $texts))) < \count($texts);
    }

    /**
     * Each text once: of those that stand twice the one that earns most.
     *
     * @param list<AcceptedAnswer> $accepted
     *
     * @return list<AcceptedAnswer>
     */
    public static function once(array $accepted): array
    {
        $once = [];
        foreach ($accepted as $one) {
            if (!isset($once[$one->text]) || $one->weight->isGreaterThan($once[$one->text]->weight)) {
                $once[$one->text] = $one;
            }
        }

        return array_values($once);
    }

    /**
     * The least and the greatest number that an entry accepts.
     *
     * @return array{string, string}
     */
    public static function bounds(AcceptedNumber $number): array
    {
        $first = BigDecimal::of($number->first);
        $second = BigDecimal::of($number->second);

        return $number->isRange ? [Scores::spelled($first), Scores::spelled($second)] : [Scores::spelled($first->minus($second)), Scores::spelled($first->plus($second))];
    }

    /**
     * In the order in which they are to be tried, so that the best that fits counts: as they are, unless two overlap.
     * One that lies within another that is tried before is never reached, and left out.
     *
     * @param list<AcceptedNumber> $numbers
     *
     * @return list<AcceptedNumber>
     */
    public static function inOrder(array $numbers): array
    {
        if (!self::doOverlap($numbers)) {
            return $numbers;
        }
        usort($numbers, static fn (AcceptedNumber $one, AcceptedNumber $other) => $other->weight->percent()->compareTo($one->weight->percent()));
        if (\count($numbers) > self::MOST_COMPARED) {
            return $numbers;
        }
        $reached = [];
        foreach ($numbers as $number) {
            if ([] === array_filter($reached, static fn (AcceptedNumber $other) => self::isWithin($number, $other))) {
                $reached[] = $number;
            }
        }

        return $reached;
    }

    /** @param list<AcceptedNumber> $numbers */
    public static function doOverlap(array $numbers): bool
    {
        $stretches = array_map(self::bounds(...), $numbers);
        usort($stretches, static fn (array $one, array $other) => BigDecimal::of($one[0])->compareTo($other[0]));
        foreach ($stretches as $place => $stretch) {
            if ($place > 0 && BigDecimal::of($stretch[0])->isLessThanOrEqualTo($stretches[$place - 1][1])) {
                return true;
            }
        }

        return false;
    }

    private static function isWithin(AcceptedNumber $one, AcceptedNumber $other): bool
    {
        [$least, $greatest] = self::bounds($one);
        [$otherLeast, $otherGreatest] = self::bounds($other);

        return BigDecimal::of($otherLeast)->isLessThanOrEqualTo($least) && BigDecimal::of($greatest)->isLessThanOrEqualTo($otherGreatest);
    }

    public static function overlap(AcceptedNumber $one, AcceptedNumber $other): bool
    {
        [$least, $greatest] = self::bounds($one);
        [$otherLeast, $otherGreatest] = self::bounds($other);

        return BigDecimal::of($least)->isLessThanOrEqualTo($otherGreatest) && BigDecimal::of($otherLeast)->isLessThanOrEqualTo($greatest);
    }

    /**
     * The first of those that earn most; null where nothing earns anything.
     *
     * @template T of AcceptedAnswer|AcceptedNumber
     *
     * @param list<T> $accepted
     *
     * @return ?T
     */
    public static function best(array $accepted): AcceptedAnswer|AcceptedNumber|null
    {
        $best = null;
        foreach ($accepted as $one) {
            if ($one->weight->isGreaterThan($best->weight ?? Weight::none())) {
                $best = $one;
            }
        }

        return $best;
    }
}
