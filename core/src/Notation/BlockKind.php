<?php

declare(strict_types=1);

namespace Notagram\Notation;

enum BlockKind: string
{
    case Question = 'question';
    case Broken = 'broken';
    case Category = 'category';
    case Comment = 'comment';
    /** Text that is no question: a title, an instruction. */
    case Stray = 'stray';
    case Blank = 'blank';

    /** Whether an author counts it when numbering the questions. */
    public function isNumbered(): bool
    {
        return self::Question === $this || self::Broken === $this;
    }
}
