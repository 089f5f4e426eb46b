<?php

declare(strict_types=1);

namespace Notagram\Notation;

/** What is written at the cursor. */
enum CursorKind: string
{
    case Category = 'category';
    case Title = 'title';
    /** The letter of the right answer. */
    case Answer = 'answer';
    case Weight = 'weight';
    case Format = 'format';
    /** What stands between braces. */
    case Braces = 'braces';
}
