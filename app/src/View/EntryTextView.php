<?php

declare(strict_types=1);

namespace App\View;

/** An option, accepted answer, number or pair as written, without escapes. */
final readonly class EntryTextView
{
    public function __construct(
        public string $text,
        /** Of a pair. */
        public ?string $match,
        /** A decimal or a fraction; null where it has none of its own. */
        public ?string $weight,
        public ?string $feedback,
    ) {
    }
}
