<?php

declare(strict_types=1);

namespace App\View;

use OpenApi\Attributes as OA;

/** The sheet that was made. */
#[OA\Schema(required: ['id', 'title', 'untidy'])]
final readonly class CreatedView
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $title,
        /** Whether tidying would change it: it opens there. */
        #[OA\Property]
        public bool $untidy,
    ) {
    }
}
