<?php

declare(strict_types=1);

namespace Notagram\Gathering;

/** A place in a text where words were found, with some of what stands around them. */
final readonly class TextPlace
{
    /** @param ?int $question as it is counted; null between the questions */
    public function __construct(public ?int $question, public string $before, public string $match, public string $after)
    {
    }
}
