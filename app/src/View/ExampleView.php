<?php

declare(strict_types=1);

namespace App\View;

use Notagram\Question\QuestionType;

/** How a question of one type is written. */
final readonly class ExampleView
{
    public function __construct(
        public QuestionType $type,
        public string $text,
        public string $explanation,
    ) {
    }
}
