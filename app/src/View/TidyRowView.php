<?php

declare(strict_types=1);

namespace App\View;

/** A line of the source, and what it becomes. */
final readonly class TidyRowView
{
    /**
     * @param int          $line  from 1
     * @param list<string> $after none where it is taken out, several where it is parted
     * @param list<string> $steps the labels of those that changed it, or would have
     */
    public function __construct(
        public int $line,
        public string $before,
        public array $after,
        public array $steps,
    ) {
    }
}
