<?php

declare(strict_types=1);

namespace Notagram\Marking;

use Notagram\Message\Message;

/** An answer that nobody can give to that question. */
final class MisfitAnswer extends \RuntimeException
{
    private function __construct(public readonly Message $reason)
    {
        parent::__construct($reason->id);
    }

    /** @param string $why as the catalogue names it among the misfits */
    public static function because(string $why, string|int ...$arguments): self
    {
        return new self(Message::of('misfit/'.$why, ...$arguments));
    }
}
