<?php

declare(strict_types=1);

namespace Notagram\Handover\Qti;

/** The identifiers of what can be picked: A to Z, AA, AB and so on. */
final class Letters
{
    /** @param int $place from 0 */
    public static function at(int $place): string
    {
        $letters = '';
        for ($left = $place + 1; $left > 0; $left = intdiv($left - 1, 26)) {
            $letters = \chr(65 + ($left - 1) % 26).$letters;
        }

        return $letters;
    }
}
