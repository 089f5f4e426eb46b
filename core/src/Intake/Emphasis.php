<?php

declare(strict_types=1);

namespace Notagram\Intake;

/** A stretch of a manuscript that stands out from the rest of it. */
final readonly class Emphasis
{
    /** @param int $line of the text, from 1 */
    public function __construct(public int $line, public string $text)
    {
    }
}
