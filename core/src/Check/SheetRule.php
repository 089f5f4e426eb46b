<?php

declare(strict_types=1);

namespace Notagram\Check;

use Notagram\Finding\Finding;
use Notagram\Notation\ReadSheet;

/** Says what only the whole sheet shows. Its spans are the sheet's. */
interface SheetRule
{
    /** @return iterable<Finding> */
    public function check(ReadSheet $sheet, SheetWishes $wishes): iterable;
}
