<?php

declare(strict_types=1);

namespace Notagram\Rehearsal\Receiver;

use Notagram\Message\Message;

/** Where a receiver gives up, and its own, curt reason. */
final readonly class ReceiverRefusal
{
    /** @param int $line from 1 */
    public function __construct(public int $line, public Message $reason)
    {
    }
}
