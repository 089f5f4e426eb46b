<?php

declare(strict_types=1);

namespace Notagram\Notation;

use Notagram\Source\Regex;

/** What is being written at the end of a line that is cut at the cursor, and where in it that begins. */
final readonly class CursorPlace
{
    private function __construct(public CursorKind $kind, public int $start)
    {
    }

    /**
     * @param string                $before   the line up to the cursor
     * @param array<string, string> $patterns by kind: each ends where what is written begins, by \K
     */
    public static function by(array $patterns, string $before): ?self
    {
        foreach ($patterns as $kind => $pattern) {
            if (Regex::match($pattern, $before, $match, \PREG_OFFSET_CAPTURE)) {
                return new self(CursorKind::from($kind), $match[0][1]);
            }
        }

        return null;
    }
}
