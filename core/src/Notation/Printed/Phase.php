<?php

declare(strict_types=1);

namespace Notagram\Notation\Printed;

/** How far the reading of a question has come. */
enum Phase: string
{
    /** Outside of any question. */
    case Outside = 'outside';
    /** Under a heading. */
    case Headed = 'headed';
    case Stem = 'stem';
    case Options = 'options';
    /** Below an answer line. */
    case Answered = 'answered';
    case Explained = 'explained';
    /** Below what else is answered on: words, pairs, lines. */
    case Below = 'below';

    public function isInQuestion(): bool
    {
        return self::Outside !== $this && self::Headed !== $this;
    }
}
