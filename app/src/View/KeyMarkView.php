<?php

declare(strict_types=1);

namespace App\View;

/** What one entry of a key list does. */
final readonly class KeyMarkView
{
    public function __construct(
        public int $question,
        public string $answer,
        public bool $replaces,
        /** False where it is marked so already. */
        public bool $isNew,
    ) {
    }
}
