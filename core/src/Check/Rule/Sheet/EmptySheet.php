<?php

declare(strict_types=1);

namespace Notagram\Check\Rule\Sheet;

use Notagram\Check\SheetRule;
use Notagram\Check\SheetWishes;
use Notagram\Finding\Finding;
use Notagram\Notation\SheetOverview;
use Notagram\Source\Span;

/** Faults a sheet without any question. */
final readonly class EmptySheet implements SheetRule
{
    public const CODE = 'sheet.empty';

    public function check(SheetOverview $sheet, SheetWishes $wishes): iterable
    {
        if (0 === $sheet->questions) {
            yield Finding::fault(self::CODE, Span::at(0));
        }
    }
}
