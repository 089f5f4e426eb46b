<?php

declare(strict_types=1);

namespace Notagram\Rehearsal;

use Notagram\Message\Message;

/** A question, or a text that is none, that a receiver does not take. */
final readonly class NotTaken
{
    /**
     * @param ?int    $number null for a text that is no question, and where the whole file is refused
     * @param int     $line   where the receiver gives up, from 1
     * @param Message $reason its own, curt one
     */
    public function __construct(public ?int $number, public int $line, public Message $reason)
    {
    }
}
