<?php

declare(strict_types=1);

namespace App\View;

/** Drafts, to be looked at before they go onto a sheet. */
final readonly class DraftsView
{
    /**
     * @param ?string             $title  of the passage, where it has one
     * @param list<int>           $starts where each begins in the text, in the offsets of the browser's editor
     * @param list<TypeCountView> $counts
     * @param list<string>        $notes  what was left out, or needs a look
     */
    public function __construct(
        public ?string $title,
        public string $text,
        public array $starts,
        public array $counts,
        public array $notes,
    ) {
    }
}
