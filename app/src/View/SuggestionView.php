<?php

declare(strict_types=1);

namespace App\View;

/** Something that may be written at the cursor; editor offsets, those of the fields from the start of its text. */
final readonly class SuggestionView
{
    /** @param list<FieldView> $fields places that are to be filled in */
    public function __construct(
        public string $label,
        public ?string $detail,
        public int $from,
        public int $to,
        public string $text,
        public array $fields,
    ) {
    }
}
