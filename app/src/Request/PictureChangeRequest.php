<?php

declare(strict_types=1);

namespace App\Request;

/** Removes a picture from a sheet, or puts it back. */
final readonly class PictureChangeRequest
{
    public function __construct(public bool $isRemoved)
    {
    }
}
