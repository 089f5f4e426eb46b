<?php

declare(strict_types=1);

namespace App\View;

use Notagram\Editing\EditorEdit;

/** The edits that mark. */
final readonly class MarkedView
{
    /** @param list<EditorEdit> $edits */
    public function __construct(
        public array $edits,
    ) {
    }
}
