<?php

declare(strict_types=1);

namespace Notagram\Notation;

/** A notation of its own, which is written in one way: no printed test, and nothing to choose. */
trait InOneStyle
{
    public function isPrinted(): bool
    {
        return false;
    }

    public function styles(): array
    {
        return [];
    }

    public function inStyle(string $words): ?self
    {
        return null;
    }
}
