<?php

declare(strict_types=1);

namespace App\Entity;

/** Bytes in the database: a string where they were just set, a stream where they were read. */
final class Blob
{
    public static function bytes(mixed $value): string
    {
        return match (true) {
            \is_string($value) => $value,
            \is_resource($value) => (string) stream_get_contents($value, -1, 0),
            default => throw new \LogicException('This is no column of bytes.'),
        };
    }
}
