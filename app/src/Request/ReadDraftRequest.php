<?php

declare(strict_types=1);

namespace App\Request;

use Symfony\Component\Validator\Constraints as Assert;

/** Somebody has read a draft of the text that $base names. */
final readonly class ReadDraftRequest implements OfText
{
    /** @param int $question its number, from 1 */
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
