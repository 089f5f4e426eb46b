<?php

declare(strict_types=1);

namespace Notagram\Source;

/**
 * A stretch of source text: the bytes from $start up to, but not including, $end.
 *
 * An empty span is a place between two bytes; it marks where something is missing.
 * A span knows nothing of lines or editor columns: ask {@see LineMap} or {@see EditorOffsets}.
 */
final readonly class Span
{
    public function __construct(public int $start, public int $end)
    {
        \assert($start >= 0 && $start <= $end, 'A span runs forwards.');
    }

    public static function at(int $offset): self
    {
        return new self($offset, $offset);
    }

    /** Of what has no place in the text yet. */
    public static function nowhere(): self
    {
        return self::at(\PHP_INT_MAX);
    }

    public function length(): int
    {
        return $this->end - $this->start;
    }

    public function shiftedBy(int $bytes): self
    {
        return new self($this->start + $bytes, $this->end + $bytes);
    }

    public function contains(self $other): bool
    {
        return $this->start <= $other->start && $other->end <= $this->end;
    }

    public function of(string $text): string
    {
        return substr($text, $this->start, $this->end - $this->start);
    }
}
