<?php

declare(strict_types=1);

namespace App\View;

/** A sheet's text as it came. */
final readonly class OriginalView
{
    public function __construct(
        public string $text,
    ) {
    }
}
