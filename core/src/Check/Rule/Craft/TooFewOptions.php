<?php

declare(strict_types=1);

namespace Notagram\Check\Rule\Craft;

use Notagram\Check\Language;
use Notagram\Check\Wording;
use Notagram\Check\WordingRule;
use Notagram\Check\Words;
use Notagram\Finding\Finding;
use Notagram\Finding\Matter;
use Notagram\Question\QuestionType;
use Notagram\Source\Span;

/** Hints at a choice between two options that is no true or false, yes or no. */
final readonly class TooFewOptions implements WordingRule
{
    public const CODE = 'craft.too-few-options';

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
        $findings[] = Finding::hint(self::CODE, new Span($wording->options[0]->span->start, $wording->options[1]->span->end))->about(Matter::OptionCount);

        return $findings;
    }
}
