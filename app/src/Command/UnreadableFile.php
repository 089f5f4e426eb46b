<?php

declare(strict_types=1);

namespace App\Command;

use Notagram\Message\Message;

/** What cannot be worked with, and why, for the person at the terminal. */
final class UnreadableFile extends \RuntimeException
{
    public function __construct(public readonly Message $reason, ?\Throwable $previous = null)
    {
        parent::__construct($reason->id, 0, $previous);
    }

    /** @param string $refusal as the catalogue names it among what the command line refuses */
    public static function because(string $refusal, string|int|Message ...$arguments): self
    {
        return new self(Message::of('command/refusal/'.$refusal, ...$arguments));
    }
}
