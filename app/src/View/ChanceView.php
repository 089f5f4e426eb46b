<?php

declare(strict_types=1);

namespace App\View;

use OpenApi\Attributes as OA;

/** How likely something is, in whole per cent: at least and at most, which are the same where it is known. */
#[OA\Schema(required: ['least', 'most', 'exact'])]
final readonly class ChanceView
{
    /** @param ?string $exact as a fraction, where that is short enough to read */
    public function __construct(
        #[OA\Property]
        public string $least,
        #[OA\Property]
        public string $most,
        #[OA\Property]
        public ?string $exact,
    ) {
    }
}
