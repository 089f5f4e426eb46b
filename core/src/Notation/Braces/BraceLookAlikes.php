<?php

declare(strict_types=1);

namespace Notagram\Notation\Braces;

use Notagram\Finding\Finding;
use Notagram\Finding\Fix;
use Notagram\Finding\TextEdit;
use Notagram\Notation\LookAlikes;
use Notagram\Source\Regex;
use Notagram\Source\Span;

/** Finds full-width braces and marks where real ones were meant. */
final class BraceLookAlikes
{
    public const ARROWS = '/→|⇒|(?:–|—|−|‐)>/';

    /** @param string $text the block, comments masked */
    public static function marks(string $text): ?Finding
    {
        if (!str_contains($text, "\xEF\xBC") && !str_contains($text, "\xEF\xBD")) {
            return null;
        }
        $stretches = [];
        if (Regex::match('/^[\s\xFF]*+\K：：/', $text) && Regex::matchAll('/：：/', $text, $titles, \PREG_OFFSET_CAPTURE) > 1) {
            array_push($stretches, $titles[0][0], $titles[0][1]);
        }
        $pattern = str_contains($text, '{') && str_contains($text, '}') ? '/(?<=[\s{])(?:＝|～)(?=\S)/' : '/(?<=[\s{]|｛|｝)(?:＝|～)(?=\S)|｛|｝/';
        $open = strcspn($text, '{');
        $wideOpen = strpos($text, '｛');
        Regex::matchAll($pattern, $text, $marks, \PREG_OFFSET_CAPTURE, min($open, false === $wideOpen ? $open : $wideOpen));
        foreach ($marks[0] as $mark) {
            $stretches[] = $mark;
        }
        usort($stretches, static fn (array $one, array $other) => $one[1] <=> $other[1]);

        return self::finding($stretches, '');
    }

    /** @param list<array{string, int}> $stretches what looks like a mark, and where */
    public static function finding(array $stretches, string $case): ?Finding
    {
        if ([] === $stretches) {
            return null;
        }
        $edits = array_map(static fn (array $found) => new TextEdit(new Span($found[1], $found[1] + \strlen($found[0])), LookAlikes::plain($found[0])), $stretches);

        return Finding::fault(LookAlikes::CODE, $edits[0]->span, Fix::safe('real-marks', $edits), $case);
    }
}
