<?php

declare(strict_types=1);

namespace Notagram\Check\Rule\Craft;

use Notagram\Check\QuestionRule;
use Notagram\Check\Wording;
use Notagram\Finding\Finding;
use Notagram\Question\QuestionType;

/** Faults a question that asks nothing. */
final readonly class StemEmpty implements QuestionRule
{
    public const CODE = 'craft.stem-empty';

    public function check(Wording $wording): array
    {
        $stem = $wording->question->stem;
        if ('' === trim($wording->stem, " _\u{A0}") && !str_contains($stem->text, '<img') && !str_contains($stem->text, '![') && QuestionType::Stimulus !== $wording->type()) {
            return [Finding::fault(self::CODE, $wording->question->stemSpan)];
        }

        return [];
    }
}
