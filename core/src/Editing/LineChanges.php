<?php

declare(strict_types=1);

namespace Notagram\Editing;

use Notagram\Finding\TextEdit;
use Notagram\Source\Span;

/** What makes one text of another, line by line: few and small edits where the two differ in places. */
final class LineChanges
{
    /** How many lines may differ in one place before the rest counts as other text. */
    private const LOOK_AHEAD = 60;

    /** @return list<TextEdit> of the old text, in order */
    public static function between(string $old, string $new): array
    {
        $old = explode("\n", $old);
        $new = explode("\n", $new);
        $edits = [];
        $offset = $here = $there = 0;
        while ($here < \count($old) || $there < \count($new)) {
            if (isset($old[$here], $new[$there]) && $old[$here] === $new[$there]) {
                $offset += \strlen($old[$here++]) + 1;
                ++$there;
                continue;
            }
            [$gone, $come] = self::untilTheyMeet($old, $new, $here, $there);
            // The line break after the last line of a stretch goes with it, unless it ends the text.
            $isAtEnd = $here + $gone >= \count($old);
            $before = implode("\n", \array_slice($old, $here, $gone)).($isAtEnd || 0 === $gone ? '' : "\n");
            $after = implode("\n", \array_slice($new, $there, $come)).($isAtEnd || 0 === $come ? '' : "\n");
            if ($isAtEnd && 0 === $come && $here > 0) {
                --$offset;
                $before = "\n".$before;
            } elseif ($isAtEnd && 0 === $gone) {
                --$offset;
                $after = "\n".$after;
            }
            $edits[] = self::least($offset, $before, $after);
            $offset += \strlen($before);
            $here += $gone;
            $there += $come;
        }

        return $edits;
    }

    /**
     * How many lines here and there differ before the two texts agree again.
     *
     * @param list<string> $old
     * @param list<string> $new
     *
     * @return array{int, int}
     */
    private static function untilTheyMeet(array $old, array $new, int $here, int $there): array
    {
        for ($distance = 1; $distance <= self::LOOK_AHEAD; ++$distance) {
            for ($gone = 0; $gone <= $distance; ++$gone) {
                $come = $distance - $gone;
                $line = $old[$here + $gone] ?? null;
                // A blank line is found anywhere, and proves little.
                if (null !== $line && $line === ($new[$there + $come] ?? null) && ('' !== $line || $gone === $come || ($old[$here + $gone + 1] ?? '') === ($new[$there + $come + 1] ?? ''))) {
                    return [$gone, $come];
                }
            }
        }

        return [\count($old) - $here, \count($new) - $there];
    }

    /** Without what both begin and end with. */
    private static function least(int $offset, string $before, string $after): TextEdit
    {
        $old = mb_str_split($before, 1, 'UTF-8');
        $new = mb_str_split($after, 1, 'UTF-8');
        $most = min(\count($old), \count($new));
        $start = $end = 0;
        while ($start < $most && $old[$start] === $new[$start]) {
            ++$start;
        }
        while ($end < $most - $start && $old[\count($old) - 1 - $end] === $new[\count($new) - 1 - $end]) {
            ++$end;
        }
        $from = $offset + \strlen(implode('', \array_slice($old, 0, $start)));

        return new TextEdit(
            new Span($from, $from + \strlen(implode('', \array_slice($old, $start, \count($old) - $end - $start)))),
            implode('', \array_slice($new, $start, \count($new) - $end - $start)),
        );
    }
}
