<?php

declare(strict_types=1);

namespace App\View;

/** A step that did something, or would have. */
final readonly class TidyStepView
{
    public function __construct(
        public string $name,
        public string $label,
        public int $changes,
        public int $refused,
    ) {
    }
}
