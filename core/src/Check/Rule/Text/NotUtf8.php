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
            Fix::safe('save-as-utf8', []),
            match ($sheet->source->certainty) {
                Certainty::Certain => '',
                Certainty::Likely => 'likely',
                Certainty::Guess => 'guess',
            },
            encoding: $sheet->source->encoding->label(),
        );
    }
}
