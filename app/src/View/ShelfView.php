<?php

declare(strict_types=1);

namespace App\View;

/** The shelf. */
final readonly class ShelfView
{
    /**
     * @param list<ShelfSheetView> $sheets
     */
    public function __construct(
        public array $sheets,
    ) {
    }
}
