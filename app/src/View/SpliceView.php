<?php

declare(strict_types=1);

namespace App\View;

/** How to make the new list of blocks from the one the browser has: keep so many at its start and end, put these between. */
final readonly class SpliceView
{
    /**
     * @param list<BlockView> $put
     */
    public function __construct(
        public int $keepStart,
        public int $keepEnd,
        public array $put,
    ) {
    }
}
