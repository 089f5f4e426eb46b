<?php

declare(strict_types=1);

namespace Notagram\Check\Rule\Marking;

use Brick\Math\BigDecimal;
use Notagram\Check\Need;
use Notagram\Check\QuestionRule;
use Notagram\Check\Wording;
use Notagram\Finding\Finding;
use Notagram\Question\AcceptedNumber;
use Notagram\Question\Numeric;

/** Doubts two accepted ranges that overlap where the narrower one earns no more than the wider: it can never count. */
final readonly class NumberOverlap implements QuestionRule
{
    public const CODE = 'marking.number-overlap';
    public const NEEDS = [Need::Numbers];

    /** Each is compared with each other: beyond this, nobody means them all. */
    private const MAX_NUMBERS = 200;

    public function check(Wording $wording): array
    {
        $question = $wording->question;
        $findings = [];
        $numbers = $question->answers instanceof Numeric ? $question->answers->numbers : [];
        if (\count($numbers) < 2 || \count($numbers) > self::MAX_NUMBERS) {
            return $findings;
        }
        $ranges = array_map(self::range(...), $numbers);
        foreach ($numbers as $index => $number) {
            for ($earlier = 0; $earlier < $index; ++$earlier) {
                [$low, $high] = $ranges[$index];
                [$otherLow, $otherHigh] = $ranges[$earlier];
                if ($low->isGreaterThan($otherHigh) || $otherLow->isGreaterThan($high)) {
                    continue;
                }
                $isNarrower = $high->minus($low)->isLessThan($otherHigh->minus($otherLow));
                [$narrow, $wide] = $isNarrower ? [$number, $numbers[$earlier]] : [$numbers[$earlier], $number];
                if (!$narrow->weight->isGreaterThan($wide->weight)) {
                    $findings[] = Finding::doubt(self::CODE, $number->span);
                    break;
                }
            }
        }

        return $findings;
    }

    /** @return array{BigDecimal, BigDecimal} */
    private static function range(AcceptedNumber $number): array
    {
        $first = BigDecimal::of($number->first);
        $second = BigDecimal::of($number->second);

        return $number->isRange
            ? [BigDecimal::min($first, $second), BigDecimal::max($first, $second)]
            : [$first->minus($second->abs()), $first->plus($second->abs())];
    }
}
