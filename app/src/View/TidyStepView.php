<?php

declare(strict_types=1);

namespace App\View;

use OpenApi\Attributes as OA;

/** A step that did something, or would have. */
#[OA\Schema(required: ['name', 'label', 'changes', 'refused'])]
final readonly class TidyStepView
{
    public function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $label,
        #[OA\Property]
        public int $changes,
        #[OA\Property]
        public int $refused,
    ) {
    }
}
