<?php

declare(strict_types=1);

namespace App\View;

/** A sheet as it lies on the shelf; one letter a question says its state: s sound, h hint, d doubt, f fault, b broken. */
final readonly class ShelfSheetView
{
    public function __construct(
        public string $id,
        public string $title,
        public string $notation,
        public string $changedAt,
        public string $states,
        public int $count,
        public int $sound,
        public ?int $expected,
        /** How many questions have no right answer. */
        public int $unmarked,
        /** A printed test whose tidied text was neither used nor dismissed. */
        public bool $awaitsTidying,
        /** The id of the group that it is in. */
        public ?string $group,
    ) {
    }
}
