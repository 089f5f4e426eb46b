<?php

declare(strict_types=1);

namespace Notagram\Handover\Paper;

use Notagram\Question\KeptPicture;

/** How large a picture is printed: as it is at 96 dots to the inch, or as wide as the text. */
final readonly class PictureBox
{
    private const DOTS_PER_CM = 96 / 2.54;
    private const WIDEST_CM = 15.0;

    private function __construct(public float $widthCm, public float $heightCm)
    {
    }

    /** Null where it does not say its size, so that no word processor could show it. */
    public static function of(KeptPicture $picture): ?self
    {
        $size = @getimagesizefromstring($picture->bytes());
        if (false === $size || $size[0] < 1 || $size[1] < 1) {
            return null;
        }
        $width = min(self::WIDEST_CM, $size[0] / self::DOTS_PER_CM);

        return new self($width, $width * $size[1] / $size[0]);
    }
}
