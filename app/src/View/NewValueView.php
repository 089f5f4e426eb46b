<?php

declare(strict_types=1);

namespace App\View;

/** What one question has now, and what it would have. */
final readonly class NewValueView
{
    public function __construct(
        public int $question,
        public ?string $before,
        public string $after,
    ) {
    }
}
