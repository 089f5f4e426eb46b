<?php

declare(strict_types=1);

namespace Notagram\Marking;

use Brick\Math\BigDecimal;
use Notagram\Question\Question;
use Notagram\Question\Stimulus;

/** What questions are worth together: one point where nothing is said, none for a text without an answer. */
final class PointsSum
{
    /** @param list<Question> $questions */
    public static function of(array $questions): BigDecimal
    {
        $sum = BigDecimal::zero();
        foreach ($questions as $question) {
            $sum = $question->answers instanceof Stimulus ? $sum : $sum->plus($question->points ?? '1');
        }

        return $sum->strippedOfTrailingZeros();
    }
}
