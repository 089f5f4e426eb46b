<?php

declare(strict_types=1);

namespace App\View;

use Notagram\Question\QuestionType;

/** A row of a table, and what becomes of it. */
final readonly class TableRowView
{
    /**
     * @param int           $number  as the spreadsheet counts it
     * @param list<string>  $cells   each cut where it is long
     * @param ?QuestionType $becomes null where it is no question
     * @param list<string>  $notes
     */
    public function __construct(
        public int $number,
        public array $cells,
        public ?QuestionType $becomes,
        public array $notes,
    ) {
    }
}
