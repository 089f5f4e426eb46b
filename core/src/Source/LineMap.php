<?php

declare(strict_types=1);

namespace Notagram\Source;

/** Finds the line and column of byte offsets in one text. LF, CRLF and CR each end a line. */
final class LineMap
{
    /** @var list<int> */
    private array $starts;

    public function __construct(private readonly string $text)
    {
        $starts = [0];
        $offset = 0;
        $length = \strlen($text);
        while (($offset += strcspn($text, "\r\n", $offset)) < $length) {
            $offset += "\r" === $text[$offset] && "\n" === ($text[$offset + 1] ?? '') ? 2 : 1;
            $starts[] = $offset;
        }
        $this->starts = $starts;
    }

    public function lineAt(int $offset): int
    {
        $low = 0;
        $high = \count($this->starts) - 1;
        while ($low < $high) {
            $middle = ($low + $high + 1) >> 1;
            if ($this->starts[$middle] <= $offset) {
                $low = $middle;
            } else {
                $high = $middle - 1;
            }
        }

        return $low + 1;
    }

    /** The byte at which a line starts; a line behind the last starts where the text ends. */
    public function startOf(int $line): int
    {
        return $this->starts[$line - 1] ?? \strlen($this->text);
    }

    public function positionAt(int $offset): Position
    {
        $line = $this->lineAt($offset);
        $start = $this->starts[$line - 1];

        return new Position($line, 1 + mb_strlen(substr($this->text, $start, $offset - $start), 'UTF-8'));
    }
}
