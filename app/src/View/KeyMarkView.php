<?php

declare(strict_types=1);

namespace App\View;

use OpenApi\Attributes as OA;

/** What one entry of a key list does. */
#[OA\Schema(required: ['question', 'answer', 'replaces', 'isNew'])]
final readonly class KeyMarkView
{
    public function __construct(
        #[OA\Property]
        public int $question,
        #[OA\Property]
        public string $answer,
        #[OA\Property]
        public bool $replaces,
        /** False where it is marked so already. */
        #[OA\Property]
        public bool $isNew,
    ) {
    }
}
