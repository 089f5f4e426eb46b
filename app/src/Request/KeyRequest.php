<?php

declare(strict_types=1);

namespace App\Request;

use App\Http\ApiProblems;
use Symfony\Component\Validator\Constraints as Assert;

/** A key list for the text that $base names. */
final readonly class KeyRequest implements OfText
{
    public function __construct(
        public string $base,
        #[Assert\Length(max: 200_000, maxMessage: 'key-too-long', payload: ApiProblems::IN_WORDS)]
        public string $key,
    ) {
    }

    public function base(): string
    {
        return $this->base;
    }
}
