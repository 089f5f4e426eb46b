<?php

declare(strict_types=1);

namespace Notagram\Notation;

use Notagram\Source\Regex;

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
        $length = \strlen($text);
        $blank = '[ \t\f\x0B]*+(?:\xC2\xA0[ \t\f\x0B]*+)*+(?:\r\n?+|\n|\z)';
        Regex::match("/^(?:{$blank})++/", $text, $lead);
        $offset = \strlen($lead[0] ?? '');
        // Possessive, and begun by a line end, so that a long run of blanks is passed over once.
        Regex::matchAll("/(?:\r\n?+|\n)\K(?:{$blank})++/", $text, $runs, \PREG_OFFSET_CAPTURE, max(0, $offset - 1));
        foreach ($runs[0] as [$run, $at]) {
            if ($at > $offset) {
                $starts[] = $offset;
                $ends[] = $at;
            }
            $offset = max($offset, $at + \strlen($run));
        }
        if ($offset < $length) {
            $starts[] = $offset;
            $ends[] = $length;
        }

        return new self($starts, $ends);
    }

    public function count(): int
    {
        return \count($this->starts);
    }
}
