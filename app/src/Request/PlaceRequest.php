<?php

declare(strict_types=1);

namespace App\Request;

use Symfony\Component\Validator\Constraints as Assert;

/** A place in the text that $base names, in editor offsets. */
final readonly class PlaceRequest implements OfText
{
    public function __construct(
        public string $base,
        #[Assert\PositiveOrZero]
        public int $offset,
    ) {
    }

    public function base(): string
    {
        return $this->base;
    }
}
