<?php

declare(strict_types=1);

namespace App\View;

/** What counts as right when a pupil types. */
final readonly class AcceptedView
{
    public function __construct(
        public string $text,
        public string $weight,
        public ?string $feedback,
    ) {
    }
}
