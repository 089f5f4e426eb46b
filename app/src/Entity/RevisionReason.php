<?php

declare(strict_types=1);

namespace App\Entity;

enum RevisionReason: string
{
    case Import = 'import';
    case MendOfMany = 'mend-of-many';
    case NewDecoding = 'new-decoding';
    case NewNotation = 'new-notation';
    case Work = 'work';
}
