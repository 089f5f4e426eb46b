<?php

declare(strict_types=1);

namespace App\View;

use Notagram\Editing\EditorEdit;

/** A fix: of the text by edits, or of how the file is saved. */
final readonly class FixView
{
    /**
     * @param list<EditorEdit> $edits
     */
    public function __construct(
        public string $label,
        public bool $safe,
        public array $edits,
        public FixTarget $of,
    ) {
    }
}
