<?php

declare(strict_types=1);

namespace App\View;

use App\Http\Status;

/** The text that stands in the sheet now, where another than this was expected. */
#[Status(409)]
final readonly class ConflictView
{
    public function __construct(
        public string $message,
        public string $hash,
        public string $text,
    ) {
    }
}
