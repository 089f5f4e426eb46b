<?php

declare(strict_types=1);

namespace Notagram\Check\Rule\Marking;

use Notagram\Check\QuestionRule;
use Notagram\Check\Wording;
use Notagram\Finding\Finding;
use Notagram\Finding\Matter;

/** Faults a weight that no receiver takes: more than everything, or less than everything taken back. */
final readonly class WeightRange implements QuestionRule
{
    public const CODE = 'marking.weight-range';

    private const FULL = 10_000_000;

    public function check(Wording $wording): array
    {
        $question = $wording->question;
        $findings = [];
        foreach ($question->weighted() as $one) {
            $units = $one->weight->units;
            if (null === $units ? $one->weight->percent()->abs()->isGreaterThan(100) : $units > self::FULL || $units < -self::FULL) {
                $findings[] = Finding::fault(
                    self::CODE,
                    $one->span,
                    weight: mb_strimwidth($one->weight->toString(), 0, 30, '…'),
                )->settling(Matter::WeightTotal);
            }
        }

        return $findings;
    }
}
