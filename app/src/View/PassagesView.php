<?php

declare(strict_types=1);

namespace App\View;

/** The passages of a sheet that drafts nobody has read were made from. */
final readonly class PassagesView
{
    /** @param list<PassageView> $passages */
    public function __construct(
        public array $passages,
    ) {
    }
}
