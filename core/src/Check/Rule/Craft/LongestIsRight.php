<?php

declare(strict_types=1);

namespace Notagram\Check\Rule\Craft;

use Notagram\Check\Need;
use Notagram\Check\QuestionRule;
use Notagram\Check\Wording;
use Notagram\Finding\Finding;
use Notagram\Source\Regex;

/** Hints at a right option that is at least half as long again as every other one. */
final readonly class LongestIsRight implements QuestionRule
{
    public const CODE = 'craft.longest-is-right';
    public const NEEDS = [Need::Options];

    /** Among short options the length tells nothing. */
    private const LONG = 20;

    public function check(Wording $wording): array
    {
        $findings = [];
        $key = $wording->onlyKey();
        if (null === $key || \count($wording->options) < 3 || \strlen($wording->optionTexts()[$key]) < self::LONG) {
            return $findings;
        }
        $isPlain = !Regex::match('/[\x80-\xFF]/', $wording->optionLines());
        $length = $longestOther = 0;
        foreach ($wording->optionTexts() as $index => $text) {
            if ($index === $key) {
                $length = $isPlain ? \strlen($text) : mb_strlen($text, 'UTF-8');
            } else {
                $longestOther = max($longestOther, $isPlain ? \strlen($text) : mb_strlen($text, 'UTF-8'));
            }
        }
        if ($length >= self::LONG && 2 * $length >= 3 * $longestOther) {
            $findings[] = Finding::hint(self::CODE, $wording->options[$key]->span);
        }

        return $findings;
    }
}
