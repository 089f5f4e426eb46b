<?php

declare(strict_types=1);

namespace App\View;

use OpenApi\Attributes as OA;

/** Options of an unmarked question that stood out in the document it came from. */
#[OA\Schema(required: ['question', 'keys'])]
final readonly class OfferedMarkView
{
    /** @param list<int> $keys by place */
    public function __construct(
        #[OA\Property]
        public int $question,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'integer'))]
        public array $keys,
    ) {
    }
}
