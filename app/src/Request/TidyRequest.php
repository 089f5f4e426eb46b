<?php

declare(strict_types=1);

namespace App\Request;

use Symfony\Component\Validator\Constraints as Assert;

/** How the text that $base names is to be tidied. */
final readonly class TidyRequest implements OfText
{
    /**
     * @param list<string> $refusedSteps by name
     * @param list<int>    $refusedLines at which nothing is to be tidied, from 1
     * @param ?string      $goesOnIn     the notation that the tidied text is to go on in; null for its own
     */
    public function __construct(
        public string $base,
        #[Assert\Count(max: 100), Assert\All([new Assert\Type('string')])]
        public array $refusedSteps = [],
        #[Assert\Count(max: 100_000), Assert\All([new Assert\Type('integer')])]
        public array $refusedLines = [],
        public ?string $goesOnIn = null,
    ) {
    }

    public function base(): string
    {
        return $this->base;
    }
}
