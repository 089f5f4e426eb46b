<?php

declare(strict_types=1);

namespace Notagram\Check\Repeat;

/** A sheet beside the one that is checked. */
final readonly class Neighbour
{
    /** @param string $id as whoever keeps the sheets knows it */
    public function __construct(public string $id, public string $title)
    {
    }
}
