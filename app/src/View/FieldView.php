<?php

declare(strict_types=1);

namespace App\View;

/** A place in a text that is to be filled in. */
final readonly class FieldView
{
    public function __construct(
        public int $from,
        public int $to,
    ) {
    }
}
