<?php

declare(strict_types=1);

namespace Notagram\Rehearsal\Receiver;

use Notagram\Message\Message;

/** Ends the reading of one piece. */
final class Refused extends \Exception
{
    /** @param int $at in the piece, in bytes */
    private function __construct(public readonly int $at, public readonly Message $reason)
    {
        parent::__construct($reason->id);
    }

    /** @param string $why as the catalogue names it among the reasons of receivers */
    public static function because(string $why, int $at): self
    {
        return new self($at, new Message('receiver/'.$why));
    }
}
