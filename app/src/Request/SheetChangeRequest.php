<?php

declare(strict_types=1);

namespace App\Request;

use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** What is to be set on a sheet; null leaves a thing as it is. */
#[OA\Schema]
final readonly class SheetChangeRequest
{
    /**
     * @param ?int $expected how many questions there should be; 0 for no number
     */
    public function __construct(
        #[OA\Property, Assert\Length(max: 1_000)]
        public ?string $title = null,
        #[OA\Property]
        public ?string $notation = null,
        #[OA\Property, Assert\Range(min: 0, max: 1_000_000)]
        public ?int $expected = null,
        #[OA\Property]
        public ?string $encoding = null,
        #[OA\Property]
        public ?bool $plainUtf8 = null,
    ) {
    }
}
