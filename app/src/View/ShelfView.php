<?php

declare(strict_types=1);

namespace App\View;

/** The shelf. */
final readonly class ShelfView
{
    /**
     * @param list<GroupView>      $groups in their order
     * @param list<ShelfSheetView> $sheets
     */
    public function __construct(
        public array $groups,
        public array $sheets,
    ) {
    }
}
