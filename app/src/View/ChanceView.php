<?php

declare(strict_types=1);

namespace App\View;

/** How likely something is, in whole per cent: at least and at most, which are the same where it is known. */
final readonly class ChanceView
{
    /** @param ?string $exact as a fraction, where that is short enough to read */
    public function __construct(
        public string $least,
        public string $most,
        public ?string $exact,
    ) {
    }
}
