<?php

declare(strict_types=1);

namespace App\View;

use Notagram\Editing\EditorEdit;

/** The edits that make a change, and what is to be known of it. */
final readonly class AmendedView
{
    /**
     * @param list<EditorEdit> $edits
     * @param ?int             $question its number afterwards; null where it was taken out
     * @param list<string>     $notes
     */
    public function __construct(
        public array $edits,
        public ?int $question,
        public array $notes,
    ) {
    }
}
