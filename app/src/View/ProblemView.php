<?php

declare(strict_types=1);

namespace App\View;

use OpenApi\Attributes as OA;

/** Why something was not done, in a sentence for the person. */
#[OA\Schema(required: ['message'])]
final readonly class ProblemView
{
    public function __construct(
        #[OA\Property]
        public string $message,
    ) {
    }
}
