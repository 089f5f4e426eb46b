<?php

declare(strict_types=1);

namespace App\View;

use OpenApi\Attributes as OA;

/** A finding with the number of its question, and in the coordinates of its block; without a number it is the sheet's. */
#[OA\Schema(required: ['question', 'finding'])]
final readonly class NumberedFindingView
{
    public function __construct(
        #[OA\Property]
        public ?int $question,
        #[OA\Property]
        public FindingView $finding,
    ) {
    }
}
