<?php

declare(strict_types=1);

namespace Notagram\Rehearsal;

use Notagram\Message\Message;

/** Answers that do not belong to a sheet: nothing of them is marked. */
final class UnscorableAnswers extends \RuntimeException
{
    private function __construct(public readonly Message $reason)
    {
        parent::__construct($reason->id);
    }

    public static function noSuchQuestion(string $number): self
    {
        return new self(Message::of('misfit/no-such-question', number: $number));
    }

    public static function of(int $number, Message $reason): self
    {
        return new self(Message::of('misfit/of-question', number: $number, reason: $reason));
    }
}
