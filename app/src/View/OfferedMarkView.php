<?php

declare(strict_types=1);

namespace App\View;

/** Options of an unmarked question that stood out in the document it came from. */
final readonly class OfferedMarkView
{
    /** @param list<int> $keys by place */
    public function __construct(
        public int $question,
        public array $keys,
    ) {
    }
}
