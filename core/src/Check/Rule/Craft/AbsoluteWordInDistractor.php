<?php

declare(strict_types=1);

namespace Notagram\Check\Rule\Craft;

use Notagram\Check\Wording;
use Notagram\Check\WordingRule;
use Notagram\Check\Words;
use Notagram\Finding\Finding;

/** Hints at “always” or “never” in wrong options alone: pupils know that such options are seldom right. */
final readonly class AbsoluteWordInDistractor implements WordingRule
{
    public const CODE = 'craft.absolute-word-in-distractor';

    public function check(Wording $wording): iterable
    {
        if (null === $wording->words || \count($wording->options) < 2) {
            return;
        }
        $found = null;
        foreach ($wording->optionTexts() as $index => $text) {
            foreach (Wording::wordsOf($text) as $word) {
                if (isset($wording->words->absolute[$word])) {
                    if ($wording->options[$index]->isKey) {
                        return;
                    }
                    $found ??= [$index, $word];
                    break;
                }
            }
        }
        if (null !== $found && !self::leansOnOthers($wording->words, $wording->optionTexts()[$found[0]])) {
            yield Finding::hint(self::CODE, $wording->options[$found[0]]->span, \sprintf('“%s” gives a wrong option away.', $found[1]), 'Say it less absolutely.');
        }
    }

    /** That is another finding. */
    private static function leansOnOthers(Words $words, string $option): bool
    {
        $option = mb_strtolower($option, 'UTF-8');

        return 1 === preg_match($words->allOfTheAbove, $option) || 1 === preg_match($words->noneOfTheAbove, $option);
    }
}
