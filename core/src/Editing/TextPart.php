<?php

declare(strict_types=1);

namespace Notagram\Editing;

/** A stretch of a text and of what became of it. */
final readonly class TextPart
{
    public function __construct(public PartKind $kind, public string $text)
    {
    }
}
