<?php

declare(strict_types=1);

namespace Notagram\Intake;

/** How many dots a picture has across and down. */
final readonly class PictureSize
{
    public function __construct(public int $width, public int $height)
    {
    }

    public function dots(): int
    {
        return $this->width * $this->height;
    }
}
