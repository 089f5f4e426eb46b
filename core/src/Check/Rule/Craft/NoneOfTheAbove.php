<?php

declare(strict_types=1);

namespace Notagram\Check\Rule\Craft;

use Notagram\Check\Wording;
use Notagram\Check\WordingRule;
use Notagram\Finding\Finding;
use Notagram\Source\Regex;

/** Hints at “none of the above”; doubts it where it does not stand last, since lists are shuffled. */
final readonly class NoneOfTheAbove implements WordingRule
{
    public const CODE = 'craft.none-of-the-above';

    public function check(Wording $wording): array
    {
        $findings = [];
        $words = $wording->words;
        $last = \count($wording->options) - 1;
        if (null === $words || $last < 1 || !$wording->leansOnOthers()) {
            return $findings;
        }
        foreach ($wording->optionTexts() as $index => $text) {
            if (!Regex::match($words->noneOfTheAbove, mb_strtolower($text, 'UTF-8'))) {
                continue;
            }
            $span = $wording->options[$index]->span;
            $findings[] = $index < $last ? Finding::doubt(self::CODE, $span, option: $text) : Finding::hint(self::CODE, $span, option: $text);
        }

        return $findings;
    }
}
