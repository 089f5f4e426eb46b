<?php

declare(strict_types=1);

namespace Notagram\Editing;

use Notagram\Source\EditorOffsets;
use Notagram\Source\LineEnding;
use Notagram\Source\LineMap;

/** Shows what edits do to a text: the lines they touch, before and after, neighbours together. */
final class ChangedPlaces
{
    private const FEW = 12;
    private const LINE_LENGTH = 160;

    /**
     * @param list<EditorEdit> $edits editor offsets, in order
     *
     * @return list<ChangedPlace> the first few
     */
    public static function of(string $text, array $edits, int $most = self::FEW): array
    {
        $text = LineEnding::folded($text);
        $offsets = new EditorOffsets($text);
        $lines = new LineMap($text);
        /** @var list<array{int, int, list<array{int, int, string}>}> $places start and end of the lines, and the edits in them, in bytes */
        $places = [];
        foreach ($edits as $edit) {
            $from = $offsets->toByte($edit->from);
            $to = $offsets->toByte($edit->to);
            $start = $from - strcspn(strrev(substr($text, max(0, $from - 4_000), min(4_000, $from))), "\r\n");
            $end = $to + strcspn($text, "\r\n", $to);
            $last = array_key_last($places);
            if (null !== $last && $start <= $places[$last][1]) {
                $places[$last][1] = max($end, $places[$last][1]);
                $places[$last][2][] = [$from, $to, $edit->text];
            } elseif (\count($places) < $most) {
                $places[] = [$start, $end, [[$from, $to, $edit->text]]];
            } else {
                break;
            }
        }

        return array_map(static function (array $place) use ($text, $lines): ChangedPlace {
            [$start, $end, $edits] = $place;
            $after = '';
            $offset = $start;
            foreach ($edits as [$from, $to, $with]) {
                $after .= substr($text, $offset, $from - $offset).$with;
                $offset = $to;
            }

            return new ChangedPlace($lines->lineAt($start), self::shown(substr($text, $start, $end - $start)), self::shown($after.substr($text, $offset, $end - $offset)));
        }, $places);
    }

    /** @return array{list<ChangedPlace>, int} the first lines that differ between two readings of one file, and how many do */
    public static function between(string $before, string $after): array
    {
        $old = self::linesOf($before);
        $new = self::linesOf($after);
        $places = [];
        $differing = 0;
        foreach ($old as $index => $line) {
            if ($line !== ($new[$index] ?? '')) {
                ++$differing;
                if (\count($places) < self::FEW) {
                    $places[] = new ChangedPlace($index + 1, self::shown($line), self::shown($new[$index] ?? ''));
                }
            }
        }

        return [$places, $differing];
    }

    /** @return list<string> */
    private static function linesOf(string $text): array
    {
        return explode("\n", LineEnding::folded($text));
    }

    private static function shown(string $text): string
    {
        return mb_strimwidth($text, 0, self::LINE_LENGTH, '…', 'UTF-8');
    }
}
