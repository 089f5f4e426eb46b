<?php

declare(strict_types=1);

namespace App\View;

use OpenApi\Attributes as OA;

/** What a key list would mark, and what does not fit. */
#[OA\Schema(required: ['edits', 'marks', 'misfits', 'unmarked'])]
final readonly class KeyMarkingView
{
    /**
     * @param list<EditView> $edits
     * @param list<KeyMarkView> $marks
     * @param list<string> $misfits full sentences
     */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: EditView::class))]
        public array $edits,
        #[OA\Property(type: 'array', items: new OA\Items(ref: KeyMarkView::class))]
        public array $marks,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $misfits,
        #[OA\Property]
        public int $unmarked,
    ) {
    }
}
