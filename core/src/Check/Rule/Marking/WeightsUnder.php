<?php

declare(strict_types=1);

namespace Notagram\Check\Rule\Marking;

use Brick\Math\BigRational;
use Notagram\Check\OptionMarks;
use Notagram\Check\QuestionRule;
use Notagram\Check\Wording;
use Notagram\Finding\Finding;
use Notagram\Finding\Remedy\Share;
use Notagram\Marking\WeightSum;
use Notagram\Question\Choice;
use Notagram\Question\Gap;
use Notagram\Question\MultipleResponse;
use Notagram\Question\Option;

/** Doubts a question in which nobody can earn full marks. */
final readonly class WeightsUnder implements QuestionRule
{
    public const CODE = 'marking.weights-under';

    public function check(Wording $wording): array
    {
        $question = $wording->question;
        $answers = $question->answers instanceof Gap ? $question->answers->filler : $question->answers;

        return match (true) {
            $answers instanceof MultipleResponse => $this->several($answers),
            $answers instanceof Choice => $this->one($answers),
            default => [],
        };
    }

    /** @return list<Finding> */
    private function several(MultipleResponse $answers): array
    {
        $sum = WeightSum::ofPositive($answers->options);
        // Without any right option there is another finding.
        if (!$sum->isOver(0) || !$sum->isUnder(100)) {
            return [];
        }

        return [Finding::doubt(
            self::CODE,
            OptionMarks::spanOf($answers->options, true),
            percent: $sum->shown(),
        )->withRemedy(OptionMarks::shareEvenly($answers->options))];
    }

    /** @return list<Finding> */
    private function one(Choice $answers): array
    {
        $keys = array_filter($answers->options, static fn (Option $option) => $option->isKey);
        $first = array_key_first($keys);
        if (null === $first || !WeightSum::ofPositive([$keys[$first]])->isUnder(100)) {
            return [];
        }

        return [Finding::doubt(
            self::CODE,
            $keys[$first]->span,
            case: 'one',
            percent: $keys[$first]->weight->rounded(2),
        )->withRemedy(1 === \count($keys) ? new Share('full-marks', [$first => BigRational::of(100)]) : null)];
    }
}
