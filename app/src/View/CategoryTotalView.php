<?php

declare(strict_types=1);

namespace App\View;

/** What is filed under one category, wherever it stands; an empty path is that of questions without one. */
final readonly class CategoryTotalView
{
    /** @param list<string> $path */
    public function __construct(
        public array $path,
        public int $questions,
        /** A decimal. */
        public string $points,
    ) {
    }
}
