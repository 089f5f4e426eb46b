<?php

declare(strict_types=1);

namespace Notagram\Notation\Printed;

/** What the word before a colon says of the line. */
enum Label
{
    case Answer;
    case Explanation;
    case Points;
    case Bookkeeping;
    case Type;
}
