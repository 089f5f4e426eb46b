<?php

declare(strict_types=1);

namespace Notagram\Check\Rule\Text;

use Notagram\Check\SheetRule;
use Notagram\Check\SheetWishes;
use Notagram\Finding\Finding;
use Notagram\Finding\Fix;
use Notagram\Notation\SheetOverview;
use Notagram\Source\Certainty;
use Notagram\Source\Encoding;
use Notagram\Source\Span;

/** Faults a file in another encoding than UTF-8: receivers would garble every accented letter of it. */
final readonly class NotUtf8 implements SheetRule
{
    public const CODE = 'text.not-utf8';

    public function check(SheetOverview $sheet, SheetWishes $wishes): iterable
    {
        if (Encoding::Utf8 === $sheet->source->encoding) {
            return;
        }
        yield Finding::fault(
            self::CODE,
            Span::at(0),
            \sprintf(match ($sheet->source->certainty) {
                Certainty::Certain => 'The file came in %s, not in UTF-8.',
                Certainty::Likely => 'The file seems to be in %s, not in UTF-8: its letters make words that way.',
                Certainty::Guess => 'The file may be in %s, and is not in UTF-8; other encodings would do nearly as well.',
            }, $sheet->source->encoding->label()),
            'Look whether its accented letters are right; if so, save it as UTF-8, else choose another encoding.',
            Fix::safe('Save it as UTF-8'),
        );
    }
}
