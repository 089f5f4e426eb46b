<?php

declare(strict_types=1);

namespace Notagram\Check;

use Notagram\Notation\ReadSheet;

/** A rule about what only all questions of a sheet together show, once they are read. It is asked now and then, not at each key press. */
interface WholeSheetRule extends Rule
{
    /** @return iterable<PlacedFinding> */
    public function check(ReadSheet $sheet, SheetWishes $wishes): iterable;
}
