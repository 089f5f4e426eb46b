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
     * which a receiver would not find, or where none follows to the one before it, at whose end it would stand.
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
        foreach ([...$blocks, null] as $block) {
            $count = \count($result);
            $blank = $result[$count - 1] ?? null;
            $lines = null !== $blank && BlockKind::Blank === $blank->kind ? self::linesIn($blank, $text) : null;
            if (null !== $blank && null !== $lines && null !== $block && $block->kind->isNumbered()) {
                array_pop($result);
                if ($lines[0] > $blank->start) {
                    $result[] = new Block(BlockKind::Blank, $blank->start, $lines[0]);
                }
                $block = new Block($block->kind, $lines[0], $block->end, $block->surroundings);
            } elseif (null !== $blank && null !== $lines && $lines[0] === $blank->start && isset($result[$count - 2]) && $result[$count - 2]->kind->isNumbered()) {
                array_splice($result, $count - 2, 2, self::handedBack($result[$count - 2], $blank, $lines[1]));
            }
            if (null !== $block) {
                $result[] = $block;
            }
        }

        return $result;
    }

    /**
     * @param int $end of the lines that go
     *
     * @return non-empty-list<Block>
     */
    private static function handedBack(Block $question, Block $blank, int $end): array
    {
        $longer = new Block($question->kind, $question->start, $end, $question->surroundings);

        return $end < $blank->end ? [$longer, new Block(BlockKind::Blank, $end, $blank->end)] : [$longer];
    }

    /** @return ?array{int, int} where the first of those lines starts and where it ends; null where there is none */
    private static function linesIn(Block $blank, string $text): ?array
    {
        return Regex::match('/(*ANYCRLF)^[ \t\f\x0B]*+\xC2\xA0[^\r\n]*+(?:\r\n|\r|\n|\z)/m', $blank->textIn($text), $match, \PREG_OFFSET_CAPTURE)
            ? [$blank->start + $match[0][1], $blank->start + $match[0][1] + \strlen($match[0][0])]
            : null;
    }
}
