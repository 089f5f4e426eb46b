<?php

declare(strict_types=1);

namespace Notagram\Proof\Formula;

/** Where an exponent and an index stand. */
enum Limits
{
    case Beside;
    /** Above and below, where the formula stands by itself. */
    case AroundApart;
    /** Above and below, everywhere. */
    case Around;
}
