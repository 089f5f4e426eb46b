<?php

declare(strict_types=1);

namespace Notagram\Rehearsal\Draw;

use Notagram\Message\Message;

/** Lines that cannot be drawn from the sheet. */
final class ImpossibleDraw extends \RuntimeException
{
    private function __construct(public readonly Message $reason)
    {
        parent::__construct($reason->id);
    }

    /** @param string $why as the catalogue names it among what is told of draws */
    public static function because(string $why, string|int ...$arguments): self
    {
        return new self(Message::of('draw/'.$why, ...$arguments));
    }
}
