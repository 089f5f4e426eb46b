<?php

declare(strict_types=1);

namespace App\View;

use OpenApi\Attributes as OA;

/** A line of the source, and what it becomes. */
#[OA\Schema(required: ['line', 'before', 'after', 'steps'])]
final readonly class TidyRowView
{
    /**
     * @param int          $line  from 1
     * @param list<string> $after none where it is taken out, several where it is parted
     * @param list<string> $steps the labels of those that changed it, or would have
     */
    public function __construct(
        #[OA\Property]
        public int $line,
        #[OA\Property]
        public string $before,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $after,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $steps,
    ) {
    }
}
