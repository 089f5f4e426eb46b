<?php

declare(strict_types=1);

namespace Notagram\Check\Rule\Craft;

use Notagram\Check\Need;
use Notagram\Check\QuestionRule;
use Notagram\Check\Wording;
use Notagram\Finding\Finding;
use Notagram\Source\Regex;

/** Hints at options that are all numbers, years or dates of one kind and stand in no order. */
final readonly class OptionsNotSorted implements QuestionRule
{
    public const CODE = 'craft.options-not-sorted';
    public const NEEDS = [Need::Options];

    private const NUMBER = '/^([-−]?\d[\d.,  ]{0,20}(?:-\d\d-\d\d)?)(?<! )( ?(?:[%°€$£]|\p{L}{1,12})?[.]?)\z/u';

    public function check(Wording $wording): array
    {
        $findings = [];
        $count = \count($wording->options);
        if ($count < 3 || !Regex::match('/^[-−]?\d/', $wording->optionTexts()[0])) {
            return $findings;
        }
        $values = [];
        $unit = null;
        foreach ($wording->optionTexts() as $text) {
            if (!Regex::match(self::NUMBER, $text, $match) || ($unit ??= $match[2]) !== $match[2]) {
                return $findings;
            }
            $values[] = self::value($match[1]);
        }
        $up = $down = $values;
        sort($up);
        rsort($down);
        if ($values !== $up && $values !== $down) {
            $findings[] = Finding::hint(self::CODE, $wording->spanOfOptions());
        }

        return $findings;
    }

    private static function value(string $number): float
    {
        if (Regex::match('/^\d{4}-\d\d-\d\d\z/', $number)) {
            return (float) str_replace('-', '', $number);
        }
        // A comma or point before exactly three digits parts thousands, else it is a decimal sign.
        $number = Regex::replace('/(?<=\d)[.,  ](?=\d{3}(?!\d))/u', '', $number);

        return (float) str_replace([',', '−'], ['.', '-'], $number);
    }
}
