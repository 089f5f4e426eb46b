<?php

declare(strict_types=1);

namespace App\View;

use Notagram\Editing\EditorEdit;

/** What tidying makes of a text, line by line. */
final readonly class TidiedView
{
    /**
     * @param list<EditorEdit> $edits that make the tidied text of the source
     * @param list<TidyStepView> $steps
     * @param list<TidyRowView> $rows
     * @param list<string> $notes what stays where it is, and wants a look
     * @param list<string> $losses what the notation that it is to go on in cannot hold
     */
    public function __construct(
        public array $edits,
        public array $steps,
        public array $rows,
        public array $notes,
        public array $losses,
    ) {
    }
}
