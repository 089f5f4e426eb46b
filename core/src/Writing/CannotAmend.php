<?php

declare(strict_types=1);

namespace Notagram\Writing;

use Notagram\Message\Message;

/** A change that cannot be made, and why. The text stays as it was. */
final class CannotAmend extends \RuntimeException
{
    /** @param bool $isMisuse whether the change makes no sense for any text: an unknown letter, a number out of range */
    private function __construct(public readonly Message $reason, public readonly bool $isMisuse)
    {
        parent::__construct($reason->id);
    }

    public static function because(string $reason, string|int|Message ...$arguments): self
    {
        return new self(Message::of('amend/'.$reason, ...$arguments), false);
    }

    public static function misuse(string $reason, string|int|Message ...$arguments): self
    {
        return new self(Message::of('amend/'.$reason, ...$arguments), true);
    }

    public static function as(Message $reason): self
    {
        return new self($reason, false);
    }
}
