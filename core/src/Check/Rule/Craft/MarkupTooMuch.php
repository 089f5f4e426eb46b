<?php

declare(strict_types=1);

namespace Notagram\Check\Rule\Craft;

use Notagram\Check\QuestionRule;
use Notagram\Check\Wording;
use Notagram\Finding\Finding;
use Notagram\Question\FormattedText;
use Notagram\Question\Option;

/** Says of a text that the Proof shows it as it is written, since it has more markup than can be worked out at once. */
final readonly class MarkupTooMuch implements QuestionRule
{
    public const CODE = 'craft.markup-too-much';

    public function check(Wording $wording): array
    {
        $texts = [$wording->question->stem, ...array_map(static fn (Option $option) => $option->text, $wording->options)];
        foreach ($texts as $text) {
            if ((FormattedText::MARKDOWN === $text->format || \strlen($text->text) > 1_000) && $text->isTooMuchToRender()) {
                return [Finding::hint(self::CODE, $wording->question->stemSpan)];
            }
        }

        return [];
    }
}
