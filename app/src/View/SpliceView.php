<?php

declare(strict_types=1);

namespace App\View;

use OpenApi\Attributes as OA;

/** How to make the new list of blocks from the one the browser has: keep so many at its start and end, put these between. */
#[OA\Schema(required: ['keepStart', 'keepEnd', 'put'])]
final readonly class SpliceView
{
    /**
     * @param list<BlockView> $put
     */
    public function __construct(
        #[OA\Property]
        public int $keepStart,
        #[OA\Property]
        public int $keepEnd,
        #[OA\Property(type: 'array', items: new OA\Items(ref: BlockView::class))]
        public array $put,
    ) {
    }
}
