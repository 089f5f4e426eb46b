<?php

declare(strict_types=1);

namespace App\View;

/** What one answer earned. Which answer is right stands there only once all is handed in. */
final readonly class MarkedAnswerView
{
    /**
     * @param bool          $isFull      whether nothing more can be earned
     * @param list<string>  $feedback    html of what the author says to that answer
     * @param ?list<string> $right       the right answers as text
     * @param ?string       $explanation html
     */
    public function __construct(
        public int $number,
        public string $earned,
        public string $of,
        public bool $isFull,
        public bool $isByHand,
        public string $why,
        public array $feedback,
        public ?array $right,
        public ?string $explanation,
    ) {
    }
}
