<?php

declare(strict_types=1);

namespace Notagram\Notation\Starred;

/** The letter of an option as written, how many bytes go before the option's text, and whether a star marks it. */
final readonly class StarredLetter
{
    public function __construct(public string $letter, public int $length, public bool $isMarked)
    {
    }
}
