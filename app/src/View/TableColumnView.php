<?php

declare(strict_types=1);

namespace App\View;

/** A column of a table: what it holds, and what stands above it. */
final readonly class TableColumnView
{
    public function __construct(
        /** As the command line names it: “stem”, “option 1”, “-” for one that is left out. */
        public string $holds,
        public string $heading,
    ) {
    }
}
