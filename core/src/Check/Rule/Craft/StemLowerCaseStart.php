<?php

declare(strict_types=1);

namespace Notagram\Check\Rule\Craft;

use Notagram\Check\QuestionRule;
use Notagram\Check\Wording;
use Notagram\Finding\Finding;
use Notagram\Source\Regex;
use Notagram\Source\Span;

/** Hints at a stem that begins with a small letter. Names such as pH or iOS may. */
final readonly class StemLowerCaseStart implements QuestionRule
{
    public const CODE = 'craft.stem-lower-case-start';

    public function check(Wording $wording): array
    {
        if (!ctype_upper($wording->stem[0] ?? 'A') && Regex::match('/^["\'“«(¿¡]*+(?!\p{Ll}\p{Lu}|\p{Ll}[\d(=_^]|\p{Ll}\z)\p{Ll}/u', $wording->stem)) {
            $start = $wording->question->stemSpan->start;

            return [Finding::hint(self::CODE, new Span($start, $start + \strlen(mb_substr($wording->stem, 0, 1, 'UTF-8'))))];
        }

        return [];
    }
}
