<?php

declare(strict_types=1);

namespace App\View;

/** A whole sheet as its target has it: one entry for each block of the reading with that digest, in its order. */
final readonly class WrittenSheetView
{
    /**
     * @param list<WrittenView> $blocks
     */
    public function __construct(
        public string $digest,
        public array $blocks,
        /** What the file is called that a person takes away. */
        public string $fileName,
        /** How large the file is, in bytes; null where it takes seconds to write, so that it is written for those alone who take it away. */
        public ?int $fileSize,
        public bool $isText,
    ) {
    }
}
