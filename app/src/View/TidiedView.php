<?php

declare(strict_types=1);

namespace App\View;

use OpenApi\Attributes as OA;

/** What tidying makes of a text, line by line. */
#[OA\Schema(required: ['edits', 'steps', 'rows', 'title', 'notes'])]
final readonly class TidiedView
{
    /**
     * @param list<EditView> $edits that make the tidied text of the source
     * @param list<TidyStepView> $steps
     * @param list<TidyRowView> $rows
     * @param list<string> $notes what stays where it is, and wants a look
     */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: EditView::class))]
        public array $edits,
        #[OA\Property(type: 'array', items: new OA\Items(ref: TidyStepView::class))]
        public array $steps,
        #[OA\Property(type: 'array', items: new OA\Items(ref: TidyRowView::class))]
        public array $rows,
        #[OA\Property]
        public ?string $title,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $notes,
    ) {
    }
}
