<?php

declare(strict_types=1);

namespace Notagram\Finding\Remedy;

use Notagram\Finding\Remedy;
use Notagram\Message\Message;
use Notagram\Source\Span;

/** Takes out the two stars on each side of words that were meant to be bold, and makes them bold where the notation can. */
final readonly class Unstar implements Remedy
{
    /** @param non-empty-list<Span> $texts in which they stand */
    public function __construct(public array $texts)
    {
    }

    public function label(): Message
    {
        return new Message('fix/unstar');
    }
}
