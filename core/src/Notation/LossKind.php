<?php

declare(strict_types=1);

namespace Notagram\Notation;

enum LossKind: string
{
    /** The question does not go. */
    case Dropped = 'dropped';
    /** It becomes another kind of question, or reads differently. */
    case Changed = 'changed';
    /** Something that came with it is left out. */
    case Reduced = 'reduced';
    /** It goes as it is, and whoever takes it refuses it or takes it wrongly. */
    case Refused = 'refused';
}
