<?php

declare(strict_types=1);

namespace Notagram\Notation;

use Notagram\Source\Regex;

/** No-break spaces where a receiver looks for a mark or a blank line: readers see through them, the check faults them. */
final class NoBreakSpaces
{
    public const SPACE = "\u{A0}";

    public const LINE_THAT_LOOKS_BLANK = '/^[ \t]*+\xC2\xA0(?:\xC2\xA0|[ \t])*+[\r\n]/';

    private const BLANKS = " \t\f\x0B";

    /** Without blanks at its end, no-break spaces included. */
    public static function trimmedAtEnd(string $line): string
    {
        $end = \strlen($line);
        do {
            $before = $end;
            while ($end > 0 && str_contains(self::BLANKS, $line[$end - 1])) {
                --$end;
            }
            $end -= $end > 1 && "\xA0" === $line[$end - 1] && "\xC2" === $line[$end - 2] ? 2 : 0;
        } while ($end < $before);

        return substr($line, 0, $end);
    }

    /** At the start of a line, before a mark or the line's end; right after the brace that opens the answers; between a mark and its weight; before a category. */
    public const IN_A_MARKS_PLACE = '/(*ANYCRLF)(?:(?:^[ \t]*+|\{[ \t]*+)\K(?:\xC2\xA0[ \t]*+)++(?=[=~#}]|::|\/\/|\$CATEGORY:|(?:T|F|TRUE|FALSE)\}|$)|[=~][ \t]*+\K(?:\xC2\xA0[ \t]*+)++(?=%-?\d)|^[ \t]*+\$CATEGORY:[ \t]*+\K(?:\xC2\xA0[ \t]*+)++)/mi';

    /**
     * A line of nothing but them looks blank and parts questions only for the eye: it is handed to the question after it,
     * which a receiver would not find.
     *
     * @param list<Block> $blocks
     *
     * @return list<Block>
     */
    public static function handedOn(array $blocks, string $text): array
    {
        if (!str_contains($text, self::SPACE)) {
            return $blocks;
        }
        $result = [];
        foreach ($blocks as $block) {
            $previous = array_pop($result);
            if (null !== $previous && BlockKind::Blank === $previous->kind && $block->kind->isNumbered() && Regex::match('/(*ANYCRLF)^[ \t\f\x0B]*+\xC2\xA0/m', $previous->textIn($text), $match, \PREG_OFFSET_CAPTURE)) {
                $from = $previous->start + $match[0][1];
                if ($from > $previous->start) {
                    $result[] = new Block(BlockKind::Blank, $previous->start, $from);
                }
                $result[] = new Block($block->kind, $from, $block->end, $block->surroundings);
                continue;
            }
            if (null !== $previous) {
                $result[] = $previous;
            }
            $result[] = $block;
        }

        return $result;
    }
}
