<?php

declare(strict_types=1);

namespace App\View;

/** What only all questions of a sheet together show. It may lag behind what is typed; $hash names the text it is of. */
final readonly class OutlookView
{
    /**
     * @param bool                      $isCompared false for a sheet of so many questions that they are not compared while a person writes
     * @param list<NumberedFindingView> $findings
     * @param list<OfferedMarkView>     $offered
     * @param string                    $points     what all questions are worth together, a decimal
     * @param list<CategoryTotalView>   $categories in the order in which they begin
     * @param list<PictureUseView>      $pictures
     * @param ?UntidiedView             $untidied   what tidying would do; null where it would do nothing, or nobody waits for it
     */
    public function __construct(
        public string $hash,
        public bool $isCompared,
        public array $findings,
        public ?SheetMarksView $marks,
        public array $offered,
        public ?UntidiedView $untidied,
        public string $points,
        public array $categories,
        public array $pictures,
    ) {
    }
}
