<?php

declare(strict_types=1);

namespace App\View;

/** A prompt and its match. */
final readonly class PairView
{
    public function __construct(
        public string $prompt,
        public string $match,
    ) {
    }
}
