<?php

declare(strict_types=1);

namespace App\View;

/** A picture that is kept with a sheet. */
final readonly class PictureView
{
    /**
     * @param ?string $address where it is shown from; null where no browser can show it
     * @param int     $size    bytes
     */
    public function __construct(
        public int $number,
        public string $name,
        public ?string $address,
        public ?int $width,
        public ?int $height,
        public int $size,
    ) {
    }
}
