<?php

declare(strict_types=1);

namespace Notagram\Notation;

use Notagram\Finding\TextEdit;
use Notagram\Source\Regex;
use Notagram\Source\Span;

/** Words between two stars on each side, as Markdown makes them bold: “Which is **not** a bee?”. */
final class StarredWords
{
    private const PATTERN = '/(?<![\*\\\\])\*\*(?=[^\s*])([^*\n]*[^\s*\\\\])\*\*(?!\*)/';

    /** The first such words, without their stars. */
    public static function firstIn(string $text): ?string
    {
        return Regex::match(self::PATTERN, $text, $match) ? $match[1] : null;
    }

    /**
     * @param list<Span> $places
     *
     * @return list<TextEdit>
     */
    public static function without(string $text, array $places, string $open = '', string $close = ''): array
    {
        $edits = [];
        foreach ($places as $place) {
            Regex::matchAll(self::PATTERN, substr($text, $place->start, $place->length()), $found, \PREG_OFFSET_CAPTURE);
            foreach ($found[0] as [$written, $at]) {
                $start = $place->start + $at;
                $end = $start + \strlen($written);
                array_push($edits, new TextEdit(new Span($start, $start + 2), $open), new TextEdit(new Span($end - 2, $end), $close));
            }
        }

        return $edits;
    }
}
