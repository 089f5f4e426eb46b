<?php

declare(strict_types=1);

namespace Notagram\Notation;

/** What a notation may have a place for, besides stem and answers. */
enum Part: string
{
    case Title = 'title';
    case Category = 'category';
    case Points = 'points';
    case Explanation = 'explanation';
    case Feedback = 'feedback';
    case Weight = 'weight';
    case Format = 'format';
}
