<?php

declare(strict_types=1);

namespace Notagram\Intake\Table;

/** What the cells of one column say of their rows' questions. */
enum ColumnKind: string
{
    case Category = 'category';
    case Title = 'title';
    case Type = 'type';
    case Stem = 'stem';
    case Points = 'points';
    case Option = 'option';
    case Key = 'key';
    case Feedback = 'feedback';
    /** What is said to whoever picks the option of the same number. */
    case OptionFeedback = 'option-feedback';
    case LeftOut = '-';

    /** Whether a table has at most one column of the kind. */
    public function isSingle(): bool
    {
        return !\in_array($this, [self::Option, self::OptionFeedback, self::LeftOut], true);
    }
}
