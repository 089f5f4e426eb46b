<?php

declare(strict_types=1);

namespace Notagram\Notation\Starred;

/** The number that a line starts with: its form, and how many bytes it takes with its sign and blanks. */
final readonly class StarredNumber
{
    public function __construct(public int $value, public int $length, public string $form)
    {
    }
}
