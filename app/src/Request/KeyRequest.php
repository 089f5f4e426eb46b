<?php

declare(strict_types=1);

namespace App\Request;

use App\Http\ApiProblems;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** A key list for the text that $base names. */
#[OA\Schema(required: ['base', 'key'])]
final readonly class KeyRequest
{
    public function __construct(
        #[OA\Property]
        public string $base,
        #[OA\Property, Assert\Length(max: 200_000, maxMessage: 'key-too-long', payload: ApiProblems::IN_WORDS)]
        public string $key,
    ) {
    }
}
