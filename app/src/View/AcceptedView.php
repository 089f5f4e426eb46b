<?php

declare(strict_types=1);

namespace App\View;

use OpenApi\Attributes as OA;

/** What counts as right when a pupil types. */
#[OA\Schema(required: ['text', 'weight', 'feedback'])]
final readonly class AcceptedView
{
    public function __construct(
        #[OA\Property]
        public string $text,
        #[OA\Property]
        public string $weight,
        #[OA\Property]
        public ?string $feedback,
    ) {
    }
}
