<?php

declare(strict_types=1);

namespace App\Request;

use Symfony\Component\Validator\Constraints as Assert;

/** A sheet, or some of its questions. */
final readonly class GatheredSheet
{
    /** @param ?list<int> $questions as they are counted; null for the whole sheet */
    public function __construct(
        #[Assert\NotBlank]
        public string $sheet,
        #[Assert\Count(max: 10_000), Assert\All([new Assert\Type('int')])]
        public ?array $questions = null,
    ) {
    }
}
