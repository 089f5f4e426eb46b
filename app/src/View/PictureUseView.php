<?php

declare(strict_types=1);

namespace App\View;

/** Where a picture stands in the text. */
final readonly class PictureUseView
{
    /**
     * @param bool      $isUsed    also where it stands in no question
     * @param list<int> $questions
     */
    public function __construct(
        public int $number,
        public bool $isUsed,
        public array $questions,
    ) {
    }
}
