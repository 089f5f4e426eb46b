<?php

declare(strict_types=1);

namespace Notagram\Check\Rule\Craft;

use Notagram\Check\Language;
use Notagram\Check\Need;
use Notagram\Check\QuestionRule;
use Notagram\Check\Wording;
use Notagram\Check\Words;
use Notagram\Finding\Finding;
use Notagram\Finding\Matter;
use Notagram\Question\QuestionType;

/** Hints at a choice between two options that is no true or false, yes or no. */
final readonly class TooFewOptions implements QuestionRule
{
    public const CODE = 'craft.too-few-options';
    public const NEEDS = [Need::Options];

    public function check(Wording $wording): array
    {
        $findings = [];
        if (QuestionType::Choice !== $wording->type() || 2 !== \count($wording->options)) {
            return $findings;
        }
        [$one, $other] = array_map(static fn (string $text) => mb_strtolower($text, 'UTF-8'), $wording->optionTexts());
        foreach (Language::cases() as $language) {
            $words = Words::in($language);
            if ((isset($words->true[$one]) && isset($words->false[$other])) || (isset($words->false[$one]) && isset($words->true[$other]))) {
                return $findings;
            }
        }
        $findings[] = Finding::hint(self::CODE, $wording->spanOfOptions())->about(Matter::OptionCount);

        return $findings;
    }
}
