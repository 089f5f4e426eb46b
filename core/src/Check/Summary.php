<?php

declare(strict_types=1);

namespace Notagram\Check;

final readonly class Summary
{
    /**
     * @param int $questions that could be read
     * @param int $broken    blocks that could not
     * @param int $sound     questions without a fault: what a strict receiver would take in
     * @param int $off       findings that are switched off; they count nowhere else
     */
    public function __construct(
        public int $questions,
        public int $broken,
        public int $sound,
        public int $faults,
        public int $doubts,
        public int $hints,
        public int $off,
    ) {
    }
}
