<?php

declare(strict_types=1);

namespace App\View;

use OpenApi\Attributes as OA;

/** A document that ships with the program, to try it with. */
#[OA\Schema(required: ['name', 'fileName'])]
final readonly class SampleView
{
    public function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $fileName,
    ) {
    }
}
