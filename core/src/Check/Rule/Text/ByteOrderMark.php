<?php

declare(strict_types=1);

namespace Notagram\Check\Rule\Text;

use Notagram\Check\SheetRule;
use Notagram\Check\SheetWishes;
use Notagram\Finding\Finding;
use Notagram\Finding\Fix;
use Notagram\Notation\SheetOverview;
use Notagram\Source\Encoding;
use Notagram\Source\Span;

/** Doubts a byte-order mark: some receivers take it for the first letter of the first question. */
final readonly class ByteOrderMark implements SheetRule
{
    public const CODE = 'text.bom';

    public function check(SheetOverview $sheet, SheetWishes $wishes): iterable
    {
        // In another encoding, that is what must be mended, and the mark goes with it.
        if (!$sheet->source->hasBom || Encoding::Utf8 !== $sheet->source->encoding) {
            return;
        }
        yield Finding::doubt(
            self::CODE,
            Span::at(0),
            Fix::safe('save-without-bom', []),
        );
    }
}
