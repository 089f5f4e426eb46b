<?php

declare(strict_types=1);

namespace Notagram\Notation;

enum TokenKind: string
{
    case Answer = 'answer';
    case Weight = 'weight';
    case Title = 'title';
    case Format = 'format';
    case Feedback = 'feedback';
    case Comment = 'comment';
    case Category = 'category';
    case Stray = 'stray';
    case Broken = 'broken';
}
