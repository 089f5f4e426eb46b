<?php

declare(strict_types=1);

namespace App\View;

/** Why something was not done, in a sentence for the person. */
final readonly class ProblemView
{
    public function __construct(
        public string $message,
    ) {
    }
}
