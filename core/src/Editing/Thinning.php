<?php

declare(strict_types=1);

namespace Notagram\Editing;

/** Which earlier states of a text stay: all of the last day, one an hour for a month, one a day for ever; the first one always. */
final class Thinning
{
    /**
     * @param list<\DateTimeImmutable> $times when each was kept, the oldest first
     *
     * @return list<int> the places of those that may go
     */
    public static function superfluous(array $times, \DateTimeImmutable $now): array
    {
        $gone = [];
        $filled = [];
        foreach ($times as $index => $at) {
            $stretch = match (true) {
                $at >= $now->modify('-1 day') => null,
                $at >= $now->modify('-30 days') => $at->format('Y-m-d H'),
                default => $at->format('Y-m-d'),
            };
            if (0 < $index && null !== $stretch && isset($filled[$stretch])) {
                $gone[] = $index;
            }
            if (null !== $stretch) {
                $filled[$stretch] = true;
            }
        }

        return $gone;
    }
}
