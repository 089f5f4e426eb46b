<?php

declare(strict_types=1);

namespace Notagram\Notation\Gram;

/** Which text of a question a line goes on with. */
enum GramPart
{
    case Stem;
    case Option;
    case Feedback;
    case Explanation;
}
