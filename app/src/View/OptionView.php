<?php

declare(strict_types=1);

namespace App\View;

/** An option as a pupil sees it. */
final readonly class OptionView
{
    public function __construct(
        public string $html,
        public bool $key,
        public string $weight,
        public ?string $feedback,
    ) {
    }
}
