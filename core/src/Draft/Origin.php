<?php

declare(strict_types=1);

namespace Notagram\Draft;

/** The sentence that a draft goes back to. */
final readonly class Origin
{
    /** @param float $likeness from 0 to 1: of all words of both, how many both have */
    public function __construct(public Sentence $sentence, public float $likeness)
    {
    }
}
