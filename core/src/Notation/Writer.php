<?php

declare(strict_types=1);

namespace Notagram\Notation;

interface Writer
{
    /** Whether its questions go with a number before them, which only the whole sheet can tell. */
    public function isNumbered(): bool;

    /** The block in this notation, in normal form, with every loss named. */
    public function write(BlockReading $reading): WrittenBlock;
}
