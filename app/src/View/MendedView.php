<?php

declare(strict_types=1);

namespace App\View;

use Notagram\Editing\ChangedPlace;
use Notagram\Editing\EditorEdit;

/** The edits that mend, how many findings of each code they mend, and what the first places look like before and after. */
final readonly class MendedView
{
    /**
     * @param list<EditorEdit> $edits
     * @param list<MendedCodeView> $changes
     * @param list<ChangedPlace> $places
     * @param bool $plainUtf8 whether how the file is saved is mended as well
     */
    public function __construct(
        public array $edits,
        public array $changes,
        public array $places,
        public bool $plainUtf8,
    ) {
    }
}
