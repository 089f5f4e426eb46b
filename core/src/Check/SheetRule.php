<?php

declare(strict_types=1);

namespace Notagram\Check;

use Notagram\Finding\Finding;
use Notagram\Notation\SheetOverview;

/** A rule about what the whole sheet shows at a glance, so that it can be asked at every key press. Its spans are the sheet's. */
interface SheetRule extends Rule
{
    /** @return iterable<Finding> */
    public function check(SheetOverview $sheet, SheetWishes $wishes): iterable;
}
