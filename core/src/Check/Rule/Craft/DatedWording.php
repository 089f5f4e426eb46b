<?php

declare(strict_types=1);

namespace Notagram\Check\Rule\Craft;

use Notagram\Check\Need;
use Notagram\Check\QuestionRule;
use Notagram\Check\Wording;
use Notagram\Check\Words;
use Notagram\Finding\Finding;
use Notagram\Source\Regex;

/** Hints at words that make a question grow old: “currently”, “this year”. */
final readonly class DatedWording implements QuestionRule
{
    public const CODE = 'craft.dated-wording';
    public const NEEDS = [Need::Language];

    public function check(Wording $wording): array
    {
        if (null !== $wording->words && 0 !== ($wording->stemKinds & Words::BEGINS_DATED) && Regex::match($wording->words->dated, mb_strtolower($wording->stem, 'UTF-8'), $match)) {
            return [Finding::hint(self::CODE, $wording->question->stemSpan, words: $match[0])];
        }

        return [];
    }
}
