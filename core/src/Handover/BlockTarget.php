<?php

declare(strict_types=1);

namespace Notagram\Handover;

use Notagram\Notation\BlockReading;
use Notagram\Notation\WrittenBlock;
use Notagram\Question\KeptPictures;

/** A target that is written block by block, so that a change to one question leaves what was written of the others. */
interface BlockTarget extends Target
{
    /** Whether what is written of a block depends on the blocks before it. */
    public function isNumbered(): bool;

    /** One block, without its number. */
    public function writeBlock(BlockReading $reading, KeptPictures $pictures = new KeptPictures()): WrittenBlock;
}
