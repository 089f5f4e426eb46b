<?php

declare(strict_types=1);

namespace Notagram\Tests;

use Notagram\Question\KeptPicture;
use Notagram\Question\KeptPictures;

/** Small pictures for tests. */
final class Pictures
{
    /** One red dot. */
    public static function dot(): string
    {
        return base64_decode('iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mP8z8BQDwAEhQGAhKmMIQAAAABJRU5ErkJggg==', true);
    }

    /** The head of a PNG that claims so many dots (PNG specification, 11.2.2 IHDR). */
    public static function claiming(int $width, int $height): string
    {
        $head = 'IHDR'.pack('NNCCCCC', $width, $height, 8, 6, 0, 0, 0);

        return "\x89PNG\r\n\x1A\n".pack('N', 13).$head.pack('N', crc32($head));
    }

    /** @param ?string ...$names of each; null for one that no browser can show */
    public static function kept(?string ...$names): KeptPictures
    {
        $kept = [];
        foreach (array_values($names) as $index => $name) {
            $number = $index + 1;
            $kept[] = new KeptPicture($number, $name ?? "unseen-{$number}.emf", null === $name ? null : 'image/png', null === $name ? null : "/kept/{$number}", self::dot(...));
        }

        return new KeptPictures($kept);
    }
}
