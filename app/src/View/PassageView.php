<?php

declare(strict_types=1);

namespace App\View;

/** A passage with the sentences that drafts go back to. */
final readonly class PassageView
{
    /** @param list<DraftOriginView> $origins */
    public function __construct(
        public string $text,
        public array $origins,
    ) {
    }
}
