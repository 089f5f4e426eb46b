<?php

declare(strict_types=1);

namespace App\View;

final readonly class TermView
{
    public function __construct(
        public string $term,
        public string $definition,
    ) {
    }
}
