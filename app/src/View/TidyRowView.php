<?php

declare(strict_types=1);

namespace App\View;

use Notagram\Editing\TextPart;

/** A line of the source, and what it becomes. */
final readonly class TidyRowView
{
    /**
     * @param int            $line   from 1
     * @param list<TextPart> $parts  what is kept, new and gone, in the order of the tidied text, with LF where it is parted into lines
     * @param bool           $leaves whether no line of it stays
     * @param list<string>   $steps  the names of those that changed it, or would have
     */
    public function __construct(
        public int $line,
        public array $parts,
        public bool $leaves,
        public array $steps,
    ) {
    }
}
