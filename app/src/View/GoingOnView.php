<?php

declare(strict_types=1);

namespace App\View;

/** What going on in another notation would change. */
final readonly class GoingOnView
{
    /** @param list<string> $losses each once, with the numbers of its questions */
    public function __construct(public array $losses)
    {
    }
}
