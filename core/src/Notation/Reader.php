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

    /** @param string $text the block's own text */
    public function read(Block $block, string $text): BlockReading;
}
