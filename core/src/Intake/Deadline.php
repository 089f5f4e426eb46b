<?php

declare(strict_types=1);

namespace Notagram\Intake;

/** When reading a document must be done: asked inside everything that may go on for long. */
final readonly class Deadline
{
    private const SECONDS = 10;

    private function __construct(private float $end, private int $seconds)
    {
    }

    /** @param int $seconds more where much honest work may lie in one file */
    public static function start(int $seconds = self::SECONDS): self
    {
        return new self(microtime(true) + $seconds, $seconds);
    }

    /** @throws UnreadableDocument when the time is over */
    public function check(): void
    {
        if (microtime(true) > $this->end) {
            throw UnreadableDocument::tooSlow($this->seconds);
        }
    }
}
