<?php

declare(strict_types=1);

namespace Notagram\Intake\Terms;

enum TermSide: string
{
    case Definition = 'definition';
    case Term = 'term';

    public function other(): self
    {
        return self::Term === $this ? self::Definition : self::Term;
    }
}
