<?php

declare(strict_types=1);

namespace Notagram\Check\Repeat;

/** Two questions that ask the same. */
final readonly class Repeat
{
    /** @param int $likeness of the two stems, letter by letter, in per cent */
    public function __construct(public StemPrint $earlier, public StemPrint $later, public int $likeness)
    {
    }
}
