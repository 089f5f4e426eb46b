<?php

declare(strict_types=1);

namespace App\View;

/** What a question can earn, in per cent of its points. */
final readonly class QuestionMarksView
{
    public function __construct(
        public string $best,
        public string $worst,
        public ?string $tickAll,
        public ?string $guess,
    ) {
    }
}
