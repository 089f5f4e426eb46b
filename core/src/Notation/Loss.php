<?php

declare(strict_types=1);

namespace Notagram\Notation;

use Notagram\Message\Message;

/** One thing that a target cannot hold, and what happens to it. */
final readonly class Loss
{
    public function __construct(public LossKind $kind, public Message $message)
    {
    }

    public static function dropped(string $code, string|int|float|Message ...$arguments): self
    {
        return self::of(LossKind::Dropped, $code, $arguments);
    }

    public static function changed(string $code, string|int|float|Message ...$arguments): self
    {
        return self::of(LossKind::Changed, $code, $arguments);
    }

    public static function refused(string $code, string|int|float|Message ...$arguments): self
    {
        return self::of(LossKind::Refused, $code, $arguments);
    }

    public static function reduced(string $code, string|int|float|Message ...$arguments): self
    {
        return self::of(LossKind::Reduced, $code, $arguments);
    }

    /** @param array<array-key, string|int|float|Message> $arguments */
    private static function of(LossKind $kind, string $code, array $arguments): self
    {
        return new self($kind, new Message('loss/'.$code, Message::named($arguments)));
    }
}
