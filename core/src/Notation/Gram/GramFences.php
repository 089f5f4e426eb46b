<?php

declare(strict_types=1);

namespace Notagram\Notation\Gram;

use Notagram\Source\Regex;

/** Which lines stand in a fence of backticks that is closed; nothing among them is a mark. */
final class GramFences
{
    public const OPENING = '/^[ \t]*+(`{3,}+)[^`]*+\z/';

    /**
     * @param list<string> $lines
     *
     * @return array<int, true> by the place of the line; the fences themselves are among them
     */
    public static function in(array $lines): array
    {
        $closings = [];
        foreach ($lines as $index => $line) {
            if (str_contains($line, '```') && Regex::match('/^[ \t]*+(`{3,}+)\z/', $line, $match)) {
                $closings[] = [$index, \strlen($match[1])];
            }
        }
        $fenced = [];
        $next = 0;
        for ($index = 0; [] !== $closings && $index < \count($lines); ++$index) {
            if (!str_contains($lines[$index], '```') || !Regex::match(self::OPENING, $lines[$index], $match)) {
                continue;
            }
            while (isset($closings[$next]) && $closings[$next][0] <= $index) {
                ++$next;
            }
            $close = self::closing($closings, $next, \strlen($match[1]));
            if (null !== $close) {
                $fenced += array_fill_keys(range($index, $close), true);
                $index = $close;
            }
        }

        return $fenced;
    }

    /** @param list<array{int, int}> $closings with their lengths */
    private static function closing(array $closings, int $from, int $length): ?int
    {
        for ($at = $from; isset($closings[$at]); ++$at) {
            if ($closings[$at][1] >= $length) {
                return $closings[$at][0];
            }
        }

        return null;
    }
}
