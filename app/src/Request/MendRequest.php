<?php

declare(strict_types=1);

namespace App\Request;

/** Which fixes to apply to the text that $base names: all that are safe, or every one of a kind. */
final readonly class MendRequest implements OfText
{
    /** @param ?string $code null for all that is safe */
    public function __construct(
        public string $base,
        public ?string $code = null,
    ) {
    }

    public function base(): string
    {
        return $this->base;
    }
}
