<?php

declare(strict_types=1);

namespace App\View;

/** What to ask of an outside assistant. */
final readonly class DraftRequestView
{
    public function __construct(
        public string $text,
    ) {
    }
}
