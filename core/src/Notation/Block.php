<?php

declare(strict_types=1);

namespace Notagram\Notation;

/**
 * A stretch of the text that is read on its own: bytes from $start up to $end, line ends included.
 *
 * The blocks of a text cover it byte for byte. Whether a block touches a neighbour (no blank line between, or not even
 * a line end), and the context that a notation's splitter hands on, is all that its reading may know of them.
 */
final readonly class Block
{
    public function __construct(
        public BlockKind $kind,
        public int $start,
        public int $end,
        public bool $touchesPrevious = false,
        public bool $touchesNext = false,
        public bool $startsMidLine = false,
        public string $context = '',
    ) {
    }

    public function textIn(string $text): string
    {
        return substr($text, $this->start, $this->end - $this->start);
    }

    /**
     * Names the block's own text and everything that changes its reading; equal blocks share it.
     *
     * @param string $settings the notation it is read in, and what else changes what is said of it
     */
    public function idIn(string $text, string $settings): string
    {
        return hash('xxh64', $settings.$this->kind->value.($this->touchesPrevious ? '1' : '0').($this->touchesNext ? '1' : '0').($this->startsMidLine ? '1' : '0').$this->context."\x00".$this->textIn($text));
    }
}
