<?php

declare(strict_types=1);

namespace App\View;

/** An encoding: its IANA name, and how people call it. */
final readonly class EncodingView
{
    public function __construct(
        public string $name,
        public string $label,
    ) {
    }
}
