<?php

declare(strict_types=1);

namespace Notagram\Handover;

/** How the questions of a sheet would arrive; each is counted once, by the worst that happens to it. */
final readonly class Tally
{
    /**
     * @param int $whole    nothing of them is lost
     * @param int $changed  they arrive as others, or something of them stays behind
     * @param int $notReady they are written, but have no right answer yet
     * @param int $dropped  they cannot go
     */
    public function __construct(public int $whole, public int $changed, public int $notReady, public int $dropped)
    {
    }
}
