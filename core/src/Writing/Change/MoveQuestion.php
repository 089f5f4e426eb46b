<?php

declare(strict_types=1);

namespace Notagram\Writing\Change;

use Notagram\Notation\Part;
use Notagram\Notation\ReadSheet;
use Notagram\Writing\Amended;
use Notagram\Writing\Arrangement;
use Notagram\Writing\CannotAmend;
use Notagram\Writing\SheetChange;

/** To the place of another question, and into the category of that one. */
final readonly class MoveQuestion implements SheetChange
{
    /** @param int $to its number afterwards */
    public function __construct(public int $to)
    {
    }

    public function part(): ?Part
    {
        return null;
    }

    public function in(ReadSheet $sheet, int $number): Amended
    {
        if (!$sheet->has($this->to)) {
            throw CannotAmend::misuse('beyond-ends');
        }
        if ($this->to === $number) {
            return new Amended($sheet->source->text, $number);
        }
        $arrangement = new Arrangement($sheet);
        $arrangement->move($number, $this->to);

        return $arrangement->amended($this->to);
    }
}
