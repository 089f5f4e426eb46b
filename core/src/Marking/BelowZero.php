<?php

declare(strict_types=1);

namespace Notagram\Marking;

/** What wrong answers may take away. */
enum BelowZero: string
{
    /** No question earns less than nothing. */
    case Never = 'no';
    /** A question may, but all together do not. */
    case Question = 'question';
    case Sheet = 'sheet';
}
