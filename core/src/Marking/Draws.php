<?php

declare(strict_types=1);

namespace Notagram\Marking;

/** One thing that is drawn so many times, independently: what it may come to each time, in whole steps from the least. */
final readonly class Draws
{
    /** All equally likely ways of one draw. */
    public int $ways;

    /**
     * @param int<0, max>          $times
     * @param array<int<0, max>, int> $outcomes the number of ways to each step
     */
    public function __construct(public int $times, public array $outcomes)
    {
        $this->ways = array_sum($outcomes);
    }

    /**
     * Draws that count one where they hit.
     *
     * @param int<0, max> $times
     */
    public static function hits(int $times, int $hits, int $of): self
    {
        return new self($times, [0 => $of - $hits, 1 => $hits]);
    }

    /** @return array<int<0, max>, float> how likely each step is */
    public function chances(): array
    {
        return array_map(fn (int $ways) => $ways / $this->ways, $this->outcomes);
    }

    /** The greatest step that all draws together may come to. */
    public function mostSteps(): int
    {
        return $this->times * max(0, ...array_keys($this->outcomes));
    }
}
