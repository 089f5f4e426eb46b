<?php

declare(strict_types=1);

namespace App\View;

/** What was saved, and what became of it. */
final readonly class SavedView
{
    public function __construct(
        public string $savedAt,
        public ReadingView $reading,
    ) {
    }
}
