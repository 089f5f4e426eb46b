<?php

declare(strict_types=1);

namespace App\Request;

use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** Puts a text in the place of a stretch of the text both sides know; editor offsets. */
#[OA\Schema(required: ['from', 'to', 'text'])]
final readonly class EditRequest
{
    public function __construct(
        #[OA\Property, Assert\PositiveOrZero]
        public int $from,
        #[OA\Property, Assert\PositiveOrZero]
        public int $to,
        #[OA\Property]
        public string $text,
    ) {
    }
}
