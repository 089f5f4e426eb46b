<?php

declare(strict_types=1);

namespace App\View;

use Notagram\Editing\EditorEdit;

/** What a key list would mark, and what does not fit. */
final readonly class KeyMarkingView
{
    /**
     * @param list<EditorEdit> $edits
     * @param list<KeyMarkView> $marks
     * @param list<string> $misfits full sentences
     */
    public function __construct(
        public array $edits,
        public array $marks,
        public array $misfits,
        public int $unmarked,
    ) {
    }
}
