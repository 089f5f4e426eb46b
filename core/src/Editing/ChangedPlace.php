<?php

declare(strict_types=1);

namespace Notagram\Editing;

/** A stretch of whole lines, before and after. */
final readonly class ChangedPlace
{
    public function __construct(public int $line, public string $before, public string $after)
    {
    }
}
