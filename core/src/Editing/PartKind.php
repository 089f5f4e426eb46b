<?php

declare(strict_types=1);

namespace Notagram\Editing;

enum PartKind: string
{
    case Kept = 'kept';
    case New = 'new';
    case Gone = 'gone';
}
