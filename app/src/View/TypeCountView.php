<?php

declare(strict_types=1);

namespace App\View;

use Notagram\Question\QuestionType;

/** How many questions there are of a type. */
final readonly class TypeCountView
{
    public function __construct(
        public QuestionType $type,
        public int $count,
    ) {
    }
}
