<?php

declare(strict_types=1);

namespace App\View;

use OpenApi\Attributes as OA;

/** The edits that mend, how many findings of each code they mend, and what the first places look like before and after. */
#[OA\Schema(required: ['edits', 'changes', 'places', 'plainUtf8'])]
final readonly class MendedView
{
    /**
     * @param list<EditView> $edits
     * @param list<MendedCodeView> $changes
     * @param list<ChangedPlaceView> $places
     * @param bool $plainUtf8 whether how the file is saved is mended as well
     */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: EditView::class))]
        public array $edits,
        #[OA\Property(type: 'array', items: new OA\Items(ref: MendedCodeView::class))]
        public array $changes,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ChangedPlaceView::class))]
        public array $places,
        #[OA\Property]
        public bool $plainUtf8,
    ) {
    }
}
