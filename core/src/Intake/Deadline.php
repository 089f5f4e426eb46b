<?php

declare(strict_types=1);

namespace Notagram\Intake;

/** When reading a document must be done: asked inside everything that may go on for long. */
final readonly class Deadline
{
    private const SECONDS = 10;

    private function __construct(private float $end)
    {
    }

    public static function start(): self
    {
        return new self(microtime(true) + self::SECONDS);
    }

    /** @throws UnreadableDocument when the time is over */
    public function check(): void
    {
        if (microtime(true) > $this->end) {
            throw UnreadableDocument::tooSlow(self::SECONDS);
        }
    }
}
