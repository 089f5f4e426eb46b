<?php

declare(strict_types=1);

namespace Notagram\Rehearsal;

/** A category of the receiver, with how many questions arrived in it. */
final readonly class FiledUnder
{
    /** @param list<string> $path */
    public function __construct(public array $path, public int $questions)
    {
    }
}
