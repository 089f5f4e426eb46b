<?php

declare(strict_types=1);

namespace App\View;

/** So many findings of a code. */
final readonly class MendedCodeView
{
    public function __construct(
        public string $code,
        public int $times,
    ) {
    }
}
