<?php

declare(strict_types=1);

namespace App\Request;

use Symfony\Component\Validator\Constraints as Assert;

/** What is to stand in one new sheet. */
final readonly class GatherRequest
{
    /**
     * @param ?string             $title null to call it after what it says
     * @param list<GatheredSheet> $from  in the order in which they are to stand
     */
    public function __construct(
        #[Assert\Count(min: 1, max: 1_000), Assert\Valid]
        public array $from,
        #[Assert\Length(max: 1_000)]
        public ?string $title = null,
    ) {
    }
}
