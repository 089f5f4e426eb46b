<?php

declare(strict_types=1);

namespace Notagram\Check\Rule\Text;

use Notagram\Check\SheetRule;
use Notagram\Check\SheetWishes;
use Notagram\Finding\Finding;
use Notagram\Notation\SheetOverview;
use Notagram\Source\Span;

/** Faults bytes that mean nothing in the encoding the file is read in. */
final readonly class Undecodable implements SheetRule
{
    public const CODE = 'text.undecodable';

    public function check(SheetOverview $sheet, SheetWishes $wishes): iterable
    {
        $count = $sheet->source->undecodable;
        if (0 === $count) {
            return;
        }
        $place = strpos($sheet->source->text, "\u{FFFD}");
        yield Finding::fault(
            self::CODE,
            false === $place ? Span::at(0) : new Span($place, $place + 3),
            count: $count,
            encoding: $sheet->source->encoding->label(),
        );
    }
}
