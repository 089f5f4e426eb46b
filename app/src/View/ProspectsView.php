<?php

declare(strict_types=1);

namespace App\View;

/** How the questions of the text with that hash would arrive as each target. */
final readonly class ProspectsView
{
    /** @param list<ProspectView> $targets */
    public function __construct(public string $hash, public array $targets)
    {
    }
}
