<?php

declare(strict_types=1);

namespace Notagram\Notation\Braces;

use Notagram\Finding\TextEdit;
use Notagram\Source\LineEnding;
use Notagram\Source\Regex;
use Notagram\Source\Span;

/** The points of a question that stand in a comment line above it: “// (2 points)”. */
final class PointsNote
{
    private const PATTERN = '~(*ANYCRLF)^[ \t]*+//[^\r\n]*?\K\((\d{1,9}(?:\.\d{1,9})?+) points?\)(?=[^\r\n]*+(?:\r\n?|\n|\z))~m';

    /**
     * @param ?string $points null takes the note out
     * @param int     $at     where a new line for it goes
     */
    public static function edit(string $text, ?string $points, int $at): ?TextEdit
    {
        $note = null === $points ? '' : \sprintf('(%s %s)', $points, '1' === $points ? 'point' : 'points');
        // Of several, the last one counts.
        if (0 === Regex::matchAll(self::PATTERN, $text, $matches, \PREG_OFFSET_CAPTURE)) {
            return '' === $note ? null : TextEdit::insert($at, '// '.$note.LineEnding::forNewLinesIn($text));
        }
        [$old, $start] = $matches[0][\count($matches[0]) - 1];
        if ('' !== $note) {
            return new TextEdit(new Span($start, $start + \strlen($old)), $note);
        }
        // A line of nothing else goes with it.
        $lineStart = $start - strcspn(strrev(substr($text, 0, $start)), "\r\n");
        $rest = substr($text, $start + \strlen($old));
        if (Regex::match('~^[ \t]*+//[ \t]*+\z~', substr($text, $lineStart, $start - $lineStart)) && Regex::match('~^[ \t]*+(?:\r\n?|\n)~', $rest, $match)) {
            return TextEdit::remove(new Span($lineStart, $start + \strlen($old) + \strlen($match[0])));
        }

        return TextEdit::remove(new Span($start - (' ' === $text[$start - 1] ? 1 : 0), $start + \strlen($old)));
    }
}
