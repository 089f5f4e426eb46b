<?php

declare(strict_types=1);

namespace Notagram\Check\Rule\Craft;

use Notagram\Check\Need;
use Notagram\Check\QuestionRule;
use Notagram\Check\Wording;
use Notagram\Finding\Finding;
use Notagram\Source\Regex;

/** Hints at “always” or “never” in wrong options alone: pupils know that such options are seldom right. */
final readonly class AbsoluteWordInDistractor implements QuestionRule
{
    public const CODE = 'craft.absolute-word-in-distractor';
    public const NEEDS = [Need::Options, Need::Language];

    public function check(Wording $wording): array
    {
        if (null === $wording->words || \count($wording->options) < 2 || !Regex::match($wording->words->absolute, $wording->optionLines()) || $wording->leansOnOthers()) {
            return [];
        }
        $found = null;
        foreach (explode("\n", $wording->optionLines()) as $index => $text) {
            if (isset($wording->options[$index]) && Regex::match($wording->words->absolute, $text, $match)) {
                if ($wording->options[$index]->isKey) {
                    return [];
                }
                $found ??= [$index, $match[0]];
            }
        }

        return null === $found
            ? []
            : [Finding::hint(self::CODE, $wording->options[$found[0]]->span, word: $found[1])];
    }
}
