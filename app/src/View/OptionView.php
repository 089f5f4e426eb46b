<?php

declare(strict_types=1);

namespace App\View;

use OpenApi\Attributes as OA;

/** An option as a pupil sees it. */
#[OA\Schema(required: ['html', 'key', 'weight', 'feedback'])]
final readonly class OptionView
{
    public function __construct(
        #[OA\Property]
        public string $html,
        #[OA\Property]
        public bool $key,
        #[OA\Property]
        public string $weight,
        #[OA\Property]
        public ?string $feedback,
    ) {
    }
}
