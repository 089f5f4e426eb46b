<?php

declare(strict_types=1);

namespace Notagram\Writing\Change;

use Notagram\Notation\Part;
use Notagram\Notation\ReadSheet;
use Notagram\Writing\Amended;
use Notagram\Writing\Arrangement;
use Notagram\Writing\SheetChange;

/** The same question once more, directly below. */
final readonly class CopyQuestion implements SheetChange
{
    public function part(): ?Part
    {
        return null;
    }

    public function in(ReadSheet $sheet, int $number): Amended
    {
        $arrangement = new Arrangement($sheet);
        $arrangement->copy($number);

        return $arrangement->amended($number + 1);
    }
}
