<?php

declare(strict_types=1);

namespace App\View;

use OpenApi\Attributes as OA;

/** What a file would read like in another encoding: the first lines that differ, and how much would mean nothing. */
#[OA\Schema(required: ['encoding', 'lost', 'lines', 'differing'])]
final readonly class DecodingView
{
    /**
     * @param int $lost how many stretches of the bytes mean nothing in it
     * @param list<ChangedPlaceView> $lines the first of those that differ
     * @param int $differing how many differ in all
     */
    public function __construct(
        #[OA\Property]
        public EncodingView $encoding,
        #[OA\Property]
        public int $lost,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ChangedPlaceView::class))]
        public array $lines,
        #[OA\Property]
        public int $differing,
    ) {
    }
}
