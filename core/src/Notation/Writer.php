<?php

declare(strict_types=1);

namespace Notagram\Notation;

interface Writer
{
    /** The block in this notation, in normal form, with every loss named. */
    public function write(BlockReading $reading): WrittenBlock;
}
