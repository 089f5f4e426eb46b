<?php

declare(strict_types=1);

namespace Notagram\Editing;

/** Puts a text in the place of a stretch; offsets of the browser’s editor, in which a line break is one character. */
final readonly class EditorEdit
{
    public function __construct(public int $from, public int $to, public string $text)
    {
    }
}
