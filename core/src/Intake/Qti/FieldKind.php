<?php

declare(strict_types=1);

namespace Notagram\Intake\Qti;

/** How something in an item is answered. */
enum FieldKind
{
    case OneOption;
    case SeveralOptions;
    /** One of several words, within a sentence. */
    case Word;
    case Text;
    case Number;
    case LongText;
    case Pairs;
    /** In a way for which there is no type here. */
    case Unknown;
}
