<?php

declare(strict_types=1);

namespace App\Request;

use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** How the text that $base names is to be tidied. */
#[OA\Schema(required: ['base', 'refusedSteps', 'refusedLines'])]
final readonly class TidyRequest
{
    /**
     * @param list<string> $refusedSteps by name
     * @param list<int>    $refusedLines at which nothing is to be tidied, from 1
     */
    public function __construct(
        #[OA\Property]
        public string $base,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        #[Assert\Count(max: 100), Assert\All([new Assert\Type('string')])]
        public array $refusedSteps = [],
        #[OA\Property(type: 'array', items: new OA\Items(type: 'integer'))]
        #[Assert\Count(max: 100_000), Assert\All([new Assert\Type('integer')])]
        public array $refusedLines = [],
    ) {
    }
}
