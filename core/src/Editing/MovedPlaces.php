<?php

declare(strict_types=1);

namespace Notagram\Editing;

use Notagram\Source\EditorOffsets;
use Notagram\Source\LineEnding;

/** Follows places of a text through its edits, in the offsets of the browser's editor. */
final class MovedPlaces
{
    /** @param list<EditorEdit>|list<EditorEdit> $edits in order, in the coordinates of the text before them */
    public static function after(int $place, array $edits): int
    {
        $moved = 0;
        foreach ($edits as $edit) {
            if ($edit->from > $place) {
                break;
            }
            $length = EditorOffsets::lengthOf(LineEnding::folded($edit->text));
            if ($edit->to > $place) {
                return $edit->from + $moved + min($place - $edit->from, $length);
            }
            $moved += $length - ($edit->to - $edit->from);
        }

        return $place + $moved;
    }

    /** @return list<int> where each line starts */
    public static function lineStarts(string $text): array
    {
        $starts = [0];
        foreach (explode("\n", LineEnding::folded($text)) as $index => $line) {
            $starts[] = $starts[$index] + EditorOffsets::lengthOf($line) + 1;
        }

        return $starts;
    }
}
