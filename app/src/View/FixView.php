<?php

declare(strict_types=1);

namespace App\View;

use OpenApi\Attributes as OA;

/** A fix: of the text by edits, or of how the file is saved. */
#[OA\Schema(required: ['label', 'safe', 'edits', 'of'])]
final readonly class FixView
{
    /**
     * @param list<EditView> $edits
     */
    public function __construct(
        #[OA\Property]
        public string $label,
        #[OA\Property]
        public bool $safe,
        #[OA\Property(type: 'array', items: new OA\Items(ref: EditView::class))]
        public array $edits,
        #[OA\Property(type: 'string', enum: FixTarget::class)]
        public FixTarget $of,
    ) {
    }
}
