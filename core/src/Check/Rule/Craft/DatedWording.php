<?php

declare(strict_types=1);

namespace Notagram\Check\Rule\Craft;

use Notagram\Check\Wording;
use Notagram\Check\WordingRule;
use Notagram\Finding\Finding;

/** Hints at words that make a question grow old: “currently”, “this year”. */
final readonly class DatedWording implements WordingRule
{
    public const CODE = 'craft.dated-wording';

    public function check(Wording $wording): iterable
    {
        if (null !== $wording->words && 1 === preg_match($wording->words->dated, mb_strtolower($wording->stem, 'UTF-8'), $match)) {
            yield Finding::hint(self::CODE, $wording->question->stemSpan, \sprintf('“%s” will be out of date one day.', $match[0]), 'Name the year, or ask for what lasts.');
        }
    }
}
