<?php

declare(strict_types=1);

namespace Notagram\Check\Rule\Craft;

use Notagram\Check\Wording;
use Notagram\Check\WordingRule;
use Notagram\Finding\Finding;
use Notagram\Source\Regex;

/** Hints at “all of the above”, also where two options are named by their letters; doubts it where it does not stand last, since lists are shuffled. */
final readonly class AllOfTheAbove implements WordingRule
{
    public const CODE = 'craft.all-of-the-above';

    public function check(Wording $wording): array
    {
        $findings = [];
        $words = $wording->words;
        $last = \count($wording->options) - 1;
        if (null === $words || $last < 1 || !$wording->leansOnOthers()) {
            return $findings;
        }
        foreach ($wording->optionTexts() as $index => $text) {
            $text = mb_strtolower($text, 'UTF-8');
            $names = Regex::match($words->otherOptions, $text);
            if (!$names && !Regex::match($words->allOfTheAbove, $text)) {
                continue;
            }
            $span = $wording->options[$index]->span;
            $option = $wording->optionTexts()[$index];
            $findings[] = $names || $index < $last ? Finding::doubt(self::CODE, $span, option: $option) : Finding::hint(self::CODE, $span, option: $option);
        }

        return $findings;
    }
}
