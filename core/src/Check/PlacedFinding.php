<?php

declare(strict_types=1);

namespace Notagram\Check;

use Notagram\Finding\Finding;

/** A finding in the sheet's coordinates, with the number of the question it concerns, if it concerns one. */
final readonly class PlacedFinding
{
    public function __construct(public Finding $finding, public ?int $question)
    {
    }
}
