<?php

declare(strict_types=1);

namespace App\View;

use OpenApi\Attributes as OA;

/** The text that stands in the sheet now, where another than this was expected. */
#[OA\Schema(required: ['message', 'hash', 'text'])]
final readonly class ConflictView
{
    public function __construct(
        #[OA\Property]
        public string $message,
        #[OA\Property]
        public string $hash,
        #[OA\Property]
        public string $text,
    ) {
    }
}
