<?php

declare(strict_types=1);

namespace App\View;

use Notagram\Question\QuestionType;

/** A question to be answered; html is safe to show. */
final readonly class SittingQuestionView
{
    /**
     * @param int                     $number  in the sheet
     * @param string                  $points  for one that is right
     * @param string                  $stem    as html; a gap is an empty element of that class
     * @param bool                    $isTyped whether a word or a number is typed
     * @param list<SittingOptionView> $options in the order in which they are shown
     * @param list<SittingPromptView> $prompts
     * @param list<string>            $matches each once, in an order of their own
     */
    public function __construct(
        public int $number,
        public QuestionType $type,
        public string $points,
        public string $stem,
        public bool $isTyped,
        public array $options,
        public array $prompts,
        public array $matches,
    ) {
    }
}
