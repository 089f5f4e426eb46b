<?php

declare(strict_types=1);

namespace Notagram\Notation\Starred;

use Notagram\Source\Span;

/** An option that further lines may go on with. */
final class OpenOption
{
    /** @var list<StarredLine> */
    public array $further = [];

    /** @param list<Span> $stars in its first line */
    public function __construct(public readonly StarredLetter $letter, public readonly StarredLine $line, public readonly array $stars)
    {
    }
}
