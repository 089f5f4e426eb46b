<?php

declare(strict_types=1);

namespace Notagram\Check\Rule\Craft;

use Notagram\Check\Need;
use Notagram\Check\QuestionRule;
use Notagram\Check\Wording;
use Notagram\Check\Words;
use Notagram\Finding\Finding;
use Notagram\Source\Regex;

/**
 * Hints at “all of the above” and “none of the above”. Doubts them where they do not stand last, since lists are shuffled,
 * and where other options are named by their letters.
 */
final readonly class LeaningOption implements QuestionRule
{
    public const CODES = ['craft.all-of-the-above', 'craft.none-of-the-above'];
    public const NEEDS = [Need::Options, Need::Language];

    public function check(Wording $wording): array
    {
        $findings = [];
        $last = \count($wording->options) - 1;
        if (null === $wording->words || $last < 1 || !$wording->leansOnOthers()) {
            return $findings;
        }
        foreach ($wording->optionTexts() as $index => $option) {
            $text = mb_strtolower($option, 'UTF-8');
            $namesLetters = Regex::match($wording->words->otherOptions, $text);
            $code = $namesLetters ? self::CODES[0] : self::codeOf($text, $wording->words);
            if (null !== $code) {
                $span = $wording->options[$index]->span;
                $findings[] = $namesLetters || $index < $last ? Finding::doubt($code, $span, option: $option) : Finding::hint($code, $span, option: $option);
            }
        }

        return $findings;
    }

    private static function codeOf(string $text, Words $words): ?string
    {
        return match (true) {
            Regex::match($words->allOfTheAbove, $text) => self::CODES[0],
            Regex::match($words->noneOfTheAbove, $text) => self::CODES[1],
            default => null,
        };
    }
}
