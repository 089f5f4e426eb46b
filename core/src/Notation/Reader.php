<?php

declare(strict_types=1);

namespace Notagram\Notation;

/** Splits a text into blocks, then reads each on its own. Never throws on bad text: that is a finding or a broken block. */
interface Reader
{
    /**
     * Covers the text byte for byte, in one forward scan.
     *
     * @return list<Block>
     */
    public function split(string $text): array;

    /**
     * Whether nothing is read across a question of this text that stands between blank lines: then what lies before it and
     * what lies after it can be split without each other.
     */
    public function isAnchor(string $text): bool;

    /** @param string $text the block's own text */
    public function read(Block $block, string $text): BlockReading;
}
