<?php

declare(strict_types=1);

namespace Notagram\Notation\Printed;

/** What the word before a colon says of the line. */
enum Label
{
    case Answer;
    /** “A:” below “Q:”. */
    case Reply;
    case Explanation;
    case Points;
    case Bookkeeping;
    case Type;
}
