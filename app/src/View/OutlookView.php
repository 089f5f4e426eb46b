<?php

declare(strict_types=1);

namespace App\View;

use OpenApi\Attributes as OA;

/** What only all questions of a sheet together show. It may lag behind what is typed; $hash names the text it is of. */
#[OA\Schema(required: ['hash', 'isCompared', 'findings', 'marks', 'offered'])]
final readonly class OutlookView
{
    /**
     * @param bool                      $isCompared false for a sheet of so many questions that they are not compared while a person writes
     * @param list<NumberedFindingView> $findings
     * @param list<OfferedMarkView>     $offered
     */
    public function __construct(
        #[OA\Property]
        public string $hash,
        #[OA\Property]
        public bool $isCompared,
        #[OA\Property(type: 'array', items: new OA\Items(ref: NumberedFindingView::class))]
        public array $findings,
        #[OA\Property(nullable: true, oneOf: [new OA\Schema(ref: SheetMarksView::class)])]
        public ?SheetMarksView $marks,
        #[OA\Property(type: 'array', items: new OA\Items(ref: OfferedMarkView::class))]
        public array $offered,
    ) {
    }
}
