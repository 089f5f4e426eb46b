<?php

declare(strict_types=1);

namespace Notagram\Notation\Printed;

/** What may label a question or an option within a line. */
final readonly class InlineLabel
{
    /**
     * @param string $style  the sign around it, '#' for a number
     * @param int    $at     bytes from the start of the line
     * @param bool   $isWide whether it stands apart from what is before it
     */
    public function __construct(public string $style, public int $index, public int $at, public bool $isWide)
    {
    }
}
