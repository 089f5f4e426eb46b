<?php

declare(strict_types=1);

namespace App\Request;

use Symfony\Component\Validator\Constraints as Assert;

/** What was answered to one question, in the one way that its type takes. */
final readonly class GivenAnswerRequest
{
    /**
     * @param ?list<string>          $letters
     * @param ?array<string, string> $matches by prompt
     * @param int                    $tries   how many this is
     */
    public function __construct(
        #[Assert\Positive]
        public int $number,
        public ?array $letters = null,
        public ?bool $truth = null,
        #[Assert\Length(max: 100_000)]
        public ?string $text = null,
        public ?array $matches = null,
        #[Assert\Positive]
        public int $tries = 1,
    ) {
    }
}
