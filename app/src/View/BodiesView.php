<?php

declare(strict_types=1);

namespace App\View;

/** What some blocks of a sheet say, each once. */
final readonly class BodiesView
{
    /** @param list<BodyView> $bodies */
    public function __construct(public array $bodies)
    {
    }
}
