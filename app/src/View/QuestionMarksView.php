<?php

declare(strict_types=1);

namespace App\View;

use OpenApi\Attributes as OA;

/** What a question can earn, in per cent of its points. */
#[OA\Schema(required: ['best', 'worst', 'tickAll', 'guess'])]
final readonly class QuestionMarksView
{
    public function __construct(
        #[OA\Property]
        public string $best,
        #[OA\Property]
        public string $worst,
        #[OA\Property]
        public ?string $tickAll,
        #[OA\Property]
        public ?string $guess,
    ) {
    }
}
