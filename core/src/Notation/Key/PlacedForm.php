<?php

declare(strict_types=1);

namespace Notagram\Notation\Key;

/** One accepted form of a typed answer, and where it stands in what was written: bytes from its start up to its end. */
final readonly class PlacedForm
{
    public function __construct(public string $text, public int $start, public int $end)
    {
    }
}
