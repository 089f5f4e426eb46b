<?php

declare(strict_types=1);

namespace App\View;

use Notagram\Editing\ChangedPlace;

/** An earlier state, and how the text of today differs from it. */
final readonly class StateTextView
{
    /**
     * @param list<ChangedPlace> $places the first lines that differ: as they were, and as they are
     * @param int $differing how many places differ in all
     */
    public function __construct(
        public string $text,
        public array $places,
        public int $differing,
    ) {
    }
}
