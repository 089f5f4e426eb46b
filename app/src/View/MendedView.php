<?php

declare(strict_types=1);

namespace App\View;

use OpenApi\Attributes as OA;

/** The edits that mend, and how many findings of each code they mend. */
#[OA\Schema(required: ['edits', 'changes'])]
final readonly class MendedView
{
    /**
     * @param list<EditView> $edits
     * @param list<MendedCodeView> $changes
     */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: EditView::class))]
        public array $edits,
        #[OA\Property(type: 'array', items: new OA\Items(ref: MendedCodeView::class))]
        public array $changes,
    ) {
    }
}
