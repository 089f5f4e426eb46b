<?php

declare(strict_types=1);

namespace Notagram\Writing;

use Notagram\Notation\ReadSheet;

/** A change of where a question stands. */
interface SheetChange extends Change
{
    /**
     * @throws CannotAmend
     */
    public function in(ReadSheet $sheet, int $number): Amended;
}
