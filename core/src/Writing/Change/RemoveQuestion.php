<?php

declare(strict_types=1);

namespace Notagram\Writing\Change;

use Notagram\Notation\Part;
use Notagram\Notation\ReadSheet;
use Notagram\Writing\Amended;
use Notagram\Writing\Arrangement;
use Notagram\Writing\SheetChange;

final readonly class RemoveQuestion implements SheetChange
{
    public function part(): ?Part
    {
        return null;
    }

    public function in(ReadSheet $sheet, int $number): Amended
    {
        $arrangement = new Arrangement($sheet);
        $arrangement->remove($number);

        return $arrangement->amended(null);
    }
}
