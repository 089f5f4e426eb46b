<?php

declare(strict_types=1);

namespace App\View;

/** What the reader makes of a place, and what may be written there. */
final readonly class PlaceView
{
    /**
     * @param ?string              $understood null where nobody asked for it
     * @param list<SuggestionView> $suggestions
     */
    public function __construct(
        public ?string $understood,
        public array $suggestions,
    ) {
    }
}
