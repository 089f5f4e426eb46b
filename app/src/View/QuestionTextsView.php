<?php

declare(strict_types=1);

namespace App\View;

use Notagram\Notation\Part;
use Notagram\Question\QuestionType;

/** The texts of one question as written, without escapes, and what of it can be changed. */
final readonly class QuestionTextsView
{
    /**
     * @param list<string>        $category
     * @param ?string             $kind    what its answers are: option, answer, number or pair; null where it has none
     * @param list<EntryTextView> $entries
     * @param list<Part>          $parts   what the notation has a place for
     * @param list<QuestionType>  $types   what it can become
     */
    public function __construct(
        public string $stem,
        public ?string $title,
        public array $category,
        public ?string $points,
        public string $format,
        public ?string $explanation,
        public ?string $kind,
        public array $entries,
        public ?string $feedbackWhenRight,
        public ?string $feedbackWhenWrong,
        public array $parts,
        public array $types,
    ) {
    }
}
