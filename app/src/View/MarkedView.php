<?php

declare(strict_types=1);

namespace App\View;

use OpenApi\Attributes as OA;

/** The edits that mark. */
#[OA\Schema(required: ['edits'])]
final readonly class MarkedView
{
    /** @param list<EditView> $edits */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: EditView::class))]
        public array $edits,
    ) {
    }
}
