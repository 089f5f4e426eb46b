<?php

declare(strict_types=1);

namespace Notagram\Check\Rule\Marking;

use Notagram\Check\Need;
use Notagram\Check\OptionMarks;
use Notagram\Check\QuestionRule;
use Notagram\Check\Wording;
use Notagram\Finding\Finding;
use Notagram\Finding\Matter;
use Notagram\Marking\WeightSum;
use Notagram\Question\MultipleResponse;

/** Faults several answers whose right ones come to more than 100 per cent: the commonest marking mistake. */
final readonly class WeightsOver implements QuestionRule
{
    public const CODE = 'marking.weights-over';
    public const NEEDS = [Need::SeveralAnswers];

    public function check(Wording $wording): array
    {
        $question = $wording->question;
        if (!$question->answers instanceof MultipleResponse) {
            return [];
        }
        $sum = WeightSum::ofPositive($question->answers->options);
        if (!$sum->isOver(100)) {
            return [];
        }

        return [Finding::fault(
            self::CODE,
            OptionMarks::spanOf($question->answers->options, true),
            percent: $sum->shown(),
        )->about(Matter::WeightTotal)->withRemedy(OptionMarks::shareEvenly($question->answers->options))];
    }
}
