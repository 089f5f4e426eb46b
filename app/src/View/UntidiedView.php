<?php

declare(strict_types=1);

namespace App\View;

/** What tidying would make of a printed test. */
final readonly class UntidiedView
{
    public function __construct(public int $questions, public int $changes)
    {
    }
}
