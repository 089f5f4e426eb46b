<?php

declare(strict_types=1);

namespace App\View;

/** The earlier states of a sheet, the last one first. */
final readonly class StatesView
{
    /** @param list<StateView> $states */
    public function __construct(public array $states)
    {
    }
}
