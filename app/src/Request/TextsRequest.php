<?php

declare(strict_types=1);

namespace App\Request;

use Symfony\Component\Validator\Constraints as Assert;

/** One question of the text that $base names. */
final readonly class TextsRequest implements OfText
{
    public function __construct(
        public string $base,
        #[Assert\Positive]
        public int $question,
    ) {
    }

    public function base(): string
    {
        return $this->base;
    }
}
