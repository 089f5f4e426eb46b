<?php

declare(strict_types=1);

namespace App\View;

/** A named group of sheets. */
final readonly class GroupView
{
    public function __construct(public string $id, public string $name, public bool $isFolded)
    {
    }
}
