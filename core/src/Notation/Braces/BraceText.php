<?php

declare(strict_types=1);

namespace Notagram\Notation\Braces;

use Notagram\Source\LineEnding;
use Notagram\Source\Regex;

/** Between a text as GIFT spells it and the text that is meant. */
final class BraceText
{
    /**
     * Stands in for the bytes of comment lines while a block is read, so that offsets hold.
     * No valid UTF-8 text has this byte.
     */
    public const MASK = "\xFF";

    public const MARKS_IN_ANSWERS = '=~#{}';

    public const BLANKS = " \t\r\n\f\v".self::MASK;

    private const UNESCAPED = ['\\~' => '~', '\\=' => '=', '\\#' => '#', '\\{' => '{', '\\}' => '}', '\\:' => ':', '\\\\' => '\\', '\\n' => "\n"];

    public static function meant(string $spelled): string
    {
        if (false === strpbrk($spelled, self::MASK."\\\r\n")) {
            return trim($spelled);
        }
        if (str_contains($spelled, self::MASK)) {
            $spelled = str_replace(self::MASK, '', $spelled);
        }
        if (str_contains($spelled, '\\')) {
            $spelled = strtr($spelled, self::UNESCAPED);
        }
        if (str_contains($spelled, "\r")) {
            $spelled = LineEnding::folded($spelled);
        }
        if (str_contains($spelled, "\n")) {
            // Blanks at a line's end never matter. Anchored to the first of a run, to stay linear.
            $spelled = Regex::replace('/(?<![ \t])[ \t]++(?=\n)/', '', $spelled);
        }

        return trim($spelled);
    }

    /**
     * Escapes what inside or outside of braces would be read as a mark.
     *
     * @param string $marks the characters that are marks there
     */
    public static function spelled(string $meant, string $marks): string
    {
        // A backslash is itself unless what follows would make an escape of it; at the end, anything may follow.
        $spelled = Regex::replace('/\\\\(?=[~=#{}:\\\\n\n]|\z)/', '\\\\\\\\', $meant);
        if (false !== strpbrk($spelled, $marks)) {
            $spelled = Regex::replace('/['.preg_quote($marks, '/').']/', '\\\\$0', $spelled);
        }
        if (str_contains($spelled, "\n")) {
            // A blank line, or one that would be read as something else, may not start a line of the file.
            $spelled = Regex::replace('~\n(?=[ \t]*+(?:\n|//|::|\$CATEGORY:))|(?<=\n)\n~', '\\n', $spelled);
        }

        // Nor may a text begin with what would be read as a comment, a title, a format or a weight.
        return Regex::match('~^(?://|::|\$CATEGORY:|%)~', $spelled) || null !== BraceFormat::at($spelled) ? '\\n'.$spelled : $spelled;
    }
}
