<?php

declare(strict_types=1);

namespace App\View;

/** A finding with the number of its question, and in the coordinates of its block; without a number it is the sheet's. */
final readonly class NumberedFindingView
{
    public function __construct(
        public ?int $question,
        public FindingView $finding,
    ) {
    }
}
