<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy\Step;

use Notagram\Intake\Tidy\DraftLine;

/** Points at the margin or in brackets. */
final readonly class PrintedPoints
{
    /** @param string $rest what stays of the line they are taken from */
    public function __construct(public string $number, public DraftLine $line, public string $rest)
    {
    }
}
