<?php

declare(strict_types=1);

namespace Notagram\Check\Rule\Marking;

use Notagram\Check\QuestionRule;
use Notagram\Finding\Finding;
use Notagram\Finding\Fix;
use Notagram\Finding\TextEdit;
use Notagram\Marking\WeightSum;
use Notagram\Question\Choice;
use Notagram\Question\Gap;
use Notagram\Question\MultipleResponse;
use Notagram\Question\Question;
use Notagram\Question\Weight;

/** Doubts a question in which nobody can earn full marks. */
final readonly class WeightsUnder implements QuestionRule
{
    public const CODE = 'marking.weights-under';

    public function check(Question $question): array
    {
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
            \sprintf('The right options add up to %s %%: nobody can reach full marks.', $sum->shown()),
            'Let the right ones come to 100 % together.',
            OptionMarks::shareEvenly($answers->options),
        )];
    }

    /** @return list<Finding> */
    private function one(Choice $answers): array
    {
        $keys = [];
        foreach ($answers->options as $option) {
            if ($option->isKey) {
                if ($option->weight === Weight::full()) {
                    return [];
                }
                $keys[] = $option;
            }
        }
        if ([] === $keys || !WeightSum::ofPositive([$keys[0]])->isUnder(100)) {
            return [];
        }

        return [Finding::doubt(
            self::CODE,
            $keys[0]->span,
            \sprintf('The best option earns %s %%: nobody can reach full marks.', $keys[0]->weight->rounded(2)),
            'Let the right one earn 100 %.',
            1 === \count($keys) && $keys[0]->markLength > 0 ? Fix::offered('Give it full marks', new TextEdit($keys[0]->mark(), '=%100%')) : null,
        )];
    }
}
