<?php

declare(strict_types=1);

namespace App\View;

/** The sentence of a passage that a draft goes back to. */
final readonly class DraftOriginView
{
    /**
     * @param int $question the number of the draft
     * @param int $from     in the offsets of the browser's editor, as is $to
     */
    public function __construct(
        public int $question,
        public int $from,
        public int $to,
    ) {
    }
}
