<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy;

/** One thing that a step did at one place. */
final readonly class LineChange
{
    /**
     * @param int    $line   of the original, from 1
     * @param string $before empty where something was put in
     * @param string $after  empty where something was taken out; lines parted by LF
     */
    public function __construct(public int $line, public string $before, public string $after)
    {
    }
}
