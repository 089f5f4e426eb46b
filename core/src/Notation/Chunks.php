<?php

declare(strict_types=1);

namespace Notagram\Notation;

/**
 * The stretches of a text between its blank lines: number $i runs from byte $starts[$i] up to $ends[$i].
 *
 * A line of blanks alone, no-break spaces included, is a blank line. LF, CRLF and CR each end a line.
 */
final readonly class Chunks
{
    /**
     * @param list<int> $starts
     * @param list<int> $ends
     */
    private function __construct(public array $starts, public array $ends)
    {
    }

    public static function of(string $text): self
    {
        $starts = $ends = [];
        $offset = 0;
        $length = \strlen($text);
        while ($offset < $length) {
            // Possessive, and anchored to line starts, so that a long run of blanks is passed over once.
            if (1 !== preg_match('/(?:\G|(?<=\n)|(?<=\r)(?!\n))(?:[ \t\f\x0B]*+(?:\xC2\xA0[ \t\f\x0B]*+)*+(?:\r\n|\r|\n|\z))++/', $text, $match, \PREG_OFFSET_CAPTURE, $offset)) {
                $starts[] = $offset;
                $ends[] = $length;
                break;
            }
            if ($match[0][1] > $offset) {
                $starts[] = $offset;
                $ends[] = $match[0][1];
            }
            if ('' === $match[0][0]) {
                break;
            }
            $offset = $match[0][1] + \strlen($match[0][0]);
        }

        return new self($starts, $ends);
    }

    public function count(): int
    {
        return \count($this->starts);
    }
}
