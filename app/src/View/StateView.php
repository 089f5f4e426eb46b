<?php

declare(strict_types=1);

namespace App\View;

/** A text that a sheet once had: when and why it was kept. */
final readonly class StateView
{
    /**
     * @param string $reason import, mend-of-many, new-decoding, new-notation or work
     * @param ?int $questions null where there was no time to count them; sound ones likewise
     */
    public function __construct(
        public string $id,
        public string $at,
        public string $reason,
        public string $notation,
        public ?int $questions,
        public ?int $sound,
    ) {
    }
}
