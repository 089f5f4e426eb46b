<?php

declare(strict_types=1);

namespace App\View;

/** What of a question arrived as something else. */
final readonly class DifferenceView
{
    /** @param ?int $number of the question; null for what lies in none */
    public function __construct(public ?int $number, public string $what, public string $ours, public string $theirs)
    {
    }
}
