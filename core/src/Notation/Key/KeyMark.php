<?php

declare(strict_types=1);

namespace Notagram\Notation\Key;

use Notagram\Finding\TextEdit;
use Notagram\Notation\PlacedBlock;

/** What an entry of a key list does to one question. */
final readonly class KeyMark
{
    /**
     * @param list<TextEdit> $edits    in the coordinates of the sheet; none where it is marked so already
     * @param bool           $replaces whether another answer was marked before
     */
    public function __construct(public KeyEntry $entry, public PlacedBlock $placed, public array $edits, public bool $replaces)
    {
    }
}
