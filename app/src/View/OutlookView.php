<?php

declare(strict_types=1);

namespace App\View;

use OpenApi\Attributes as OA;

/** What only all questions of a sheet together show. It may lag behind what is typed; $hash names the text it is of. */
#[OA\Schema(required: ['hash', 'findings', 'marks', 'offered'])]
final readonly class OutlookView
{
    /**
     * @param list<NumberedFindingView> $findings
     * @param list<OfferedMarkView> $offered
     */
    public function __construct(
        #[OA\Property]
        public string $hash,
        #[OA\Property(type: 'array', items: new OA\Items(ref: NumberedFindingView::class))]
        public array $findings,
        #[OA\Property]
        public SheetMarksView $marks,
        #[OA\Property(type: 'array', items: new OA\Items(ref: OfferedMarkView::class))]
        public array $offered,
    ) {
    }
}
