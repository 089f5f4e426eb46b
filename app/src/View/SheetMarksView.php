<?php

declare(strict_types=1);

namespace App\View;

/** What a sheet can earn, as shown: points, and chances in words a person understands. */
final readonly class SheetMarksView
{
    /**
     * @param ?string     $guess      what blind guessing earns on average; null where it is too much to work out
     * @param ?ChanceView $halfChance of reaching half of the points by guessing
     */
    public function __construct(
        public string $total,
        public ?string $guess,
        public ?ChanceView $halfChance,
    ) {
    }
}
