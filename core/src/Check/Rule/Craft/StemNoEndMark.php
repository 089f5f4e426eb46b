<?php

declare(strict_types=1);

namespace Notagram\Check\Rule\Craft;

use Notagram\Check\QuestionRule;
use Notagram\Check\Wording;
use Notagram\Finding\Finding;
use Notagram\Question\QuestionType;
use Notagram\Source\Regex;
use Notagram\Source\Span;

/** Hints at a stem that ends without a question mark, a full stop or a colon. A sentence with a gap ends where it likes. */
final readonly class StemNoEndMark implements QuestionRule
{
    public const CODE = 'craft.stem-no-end-mark';

    /** A mark of any script, perhaps with quotes or brackets after it; or a rule to fill in, code, a formula, or a picture. */
    private const ENDS_WELL = '/(?:[.?!:;…。？！：؟۔।՞]|_{2,})["\'”’»)\]\s]*+\z|[`$}>|]\z|\[picture[^\[\]]*+\]\z|\\\\[)\]]\z/u';
    private const PICTURE = '/(?:<img\b[^<>]*+>|!\[[^\[\]]*+\]\([^()]*+\))\s*+\z/i';

    public function check(Wording $wording): array
    {
        $type = $wording->type();
        if (QuestionType::Gap === $type || QuestionType::Stimulus === $type || '' === $wording->stem || str_contains('.?!:', $wording->stem[-1])) {
            return [];
        }
        if (!Regex::match(self::ENDS_WELL, $wording->stem) && !Regex::match(self::PICTURE, $wording->question->stem->text)) {
            return [Finding::hint(self::CODE, Span::at($wording->question->stemSpan->end))];
        }

        return [];
    }
}
