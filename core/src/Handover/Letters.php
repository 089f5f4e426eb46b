<?php

declare(strict_types=1);

namespace Notagram\Handover;

/** What counts in letters: options on paper, identifiers of what can be picked, columns of a table. */
final class Letters
{
    /**
     * A to Z, then AA, AB and so on.
     *
     * @param int $place from 0
     */
    public static function at(int $place): string
    {
        $letters = '';
        for ($left = $place + 1; $left > 0; $left = intdiv($left - 1, 26)) {
            $letters = \chr(65 + ($left - 1) % 26).$letters;
        }

        return $letters;
    }
}
