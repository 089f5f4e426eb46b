<?php

declare(strict_types=1);

namespace Notagram\Notation;

/** One thing that a target cannot hold, and what happens to it: a full sentence. */
final readonly class Loss
{
    public function __construct(public LossKind $kind, public string $message)
    {
    }

    public static function dropped(string $message): self
    {
        return new self(LossKind::Dropped, $message);
    }

    public static function changed(string $message): self
    {
        return new self(LossKind::Changed, $message);
    }

    public static function refused(string $message): self
    {
        return new self(LossKind::Refused, $message);
    }

    public static function reduced(string $message): self
    {
        return new self(LossKind::Reduced, $message);
    }
}
