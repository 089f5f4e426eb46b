<?php

declare(strict_types=1);

namespace App\Request;

/** What is to be done with questions and their categories. */
enum FilingWay: string
{
    /** To the end of a category. */
    case Into = 'into';
    /** Into a category, without moving. */
    case InPlace = 'in-place';
    case Rename = 'rename';
    case Gather = 'gather';
    /** Gathered, and the named categories first. */
    case Order = 'order';
}
