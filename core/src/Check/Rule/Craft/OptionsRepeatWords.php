<?php

declare(strict_types=1);

namespace Notagram\Check\Rule\Craft;

use Notagram\Check\Need;
use Notagram\Check\QuestionRule;
use Notagram\Check\Wording;
use Notagram\Finding\Finding;

/** Hints at options that all begin with the same words. */
final readonly class OptionsRepeatWords implements QuestionRule
{
    public const CODE = 'craft.options-repeat-words';
    public const NEEDS = [Need::Options];

    private const LEAST_WORDS = 2;

    public function check(Wording $wording): array
    {
        $findings = [];
        $count = \count($wording->options);
        if ($count < 3 || 0 !== strncmp($wording->optionTexts()[0], $wording->optionTexts()[1], 3)) {
            return $findings;
        }
        $shared = explode(' ', $wording->optionTexts()[0]);
        foreach ($wording->optionTexts() as $text) {
            $words = explode(' ', $text);
            $same = 0;
            while ($same < \count($shared) && $shared[$same] === ($words[$same] ?? null)) {
                ++$same;
            }
            if ($same < self::LEAST_WORDS || \count($words) <= self::LEAST_WORDS) {
                return $findings;
            }
            $shared = \array_slice($shared, 0, $same);
        }
        $findings[] = Finding::hint(self::CODE, $wording->spanOfOptions(), words: implode(' ', $shared));

        return $findings;
    }
}
