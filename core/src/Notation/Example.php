<?php

declare(strict_types=1);

namespace Notagram\Notation;

use Notagram\Question\QuestionType;

/** How a question of one type is written, to read and to insert. */
final readonly class Example
{
    public function __construct(public QuestionType $type, public string $text, public string $explanation)
    {
    }
}
