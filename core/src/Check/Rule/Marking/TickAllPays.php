<?php

declare(strict_types=1);

namespace Notagram\Check\Rule\Marking;

use Brick\Math\RoundingMode;
use Notagram\Check\Need;
use Notagram\Check\OptionMarks;
use Notagram\Check\QuestionRule;
use Notagram\Check\Wording;
use Notagram\Finding\Finding;
use Notagram\Finding\Remedy\Share;
use Notagram\Marking\WeightSum;
use Notagram\Notation\PercentMark;
use Notagram\Question\MultipleResponse;
use Notagram\Question\Option;
use Notagram\Question\Weight;

/** Doubts several answers of which ticking everything earns something. */
final readonly class TickAllPays implements QuestionRule
{
    public const CODE = 'marking.tick-all-pays';
    public const NEEDS = [Need::SeveralAnswers];

    public function check(Wording $wording): array
    {
        $question = $wording->question;
        if (!$question->answers instanceof MultipleResponse) {
            return [];
        }
        $options = $question->answers->options;
        $sum = WeightSum::ofAll($options);
        if (!$sum->isOver(0)) {
            return [];
        }

        return [Finding::doubt(
            self::CODE,
            OptionMarks::spanOf($options, false),
            percent: $sum->shown(),
        )->withRemedy($this->balanced($options))];
    }

    /** @param list<Option> $options */
    private function balanced(array $options): ?Share
    {
        $gives = WeightSum::ofPositive($options);
        $wrongs = \count(array_filter($options, static fn (Option $option) => !$option->isKey));
        // Where the right ones give too much already, that is to be mended first.
        if (0 === $wrongs || $gives->isOver(100)) {
            return null;
        }
        $share = $gives->exact()->dividedBy(-$wrongs);
        // Written with five decimals, a share may be off by a little; where rounding leaves fewer, nothing may be left over.
        if (!Weight::of(Weight::exactly($share)->rounded(PercentMark::DECIMALS))->hasFiveDecimals()) {
            $share = $share->toScale(PercentMark::DECIMALS, RoundingMode::Up)->toBigRational();
        }

        return new Share('balance', array_map(static fn (Option $option) => $share, array_filter($options, static fn (Option $option) => !$option->isKey)));
    }
}
