<?php

declare(strict_types=1);

namespace Notagram\Check\Rule\Craft;

use Notagram\Check\Need;
use Notagram\Check\QuestionRule;
use Notagram\Check\Wording;
use Notagram\Finding\Finding;
use Notagram\Finding\Remedy\Unstar;
use Notagram\Notation\StarredWords;
use Notagram\Question\FormattedText;

/** Hints at words between two stars on each side, where no Markdown is read: pupils see the stars. Assistants write so. */
final readonly class StarsShown implements QuestionRule
{
    public const CODE = 'craft.stars-shown';
    public const NEEDS = [Need::Stars];

    public function check(Wording $wording): array
    {
        $places = [];
        $first = null;
        foreach ($wording->textsWith('*') as [$text, $span]) {
            $words = FormattedText::MARKDOWN === $text->format ? null : StarredWords::firstIn($text->text);
            if (null !== $words) {
                $first ??= $words;
                $places[] = $span;
            }
        }

        return null === $first || [] === $places ? [] : [Finding::hint(self::CODE, $places[0], words: mb_strimwidth($first, 0, 40, '…', 'UTF-8'))->withRemedy(new Unstar($places))];
    }
}
