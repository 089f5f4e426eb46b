<?php

declare(strict_types=1);

namespace App\View;

use Notagram\Editing\EditorEdit;

/** What the rows of a text become. */
final readonly class TableView
{
    /**
     * @param bool                     $asTerms    whether it was read as a list of terms
     * @param bool                     $hasHead    whether a row of headings stands above the questions
     * @param list<EditorEdit>         $edits      that make the questions of the source
     * @param list<TableColumnView>    $columns    of a table
     * @param list<TableRowView>       $rows       of a table: its first ones
     * @param list<TermBlockView>      $blocks     of a list of terms: its first ones
     * @param list<TypeCountView>      $counts
     * @param list<string>             $notes      what was left out, and what wants a look
     * @param list<string>             $losses     what the notation cannot hold
     */
    public function __construct(
        public bool $asTerms,
        public bool $mayBeTable,
        public bool $mayBeTerms,
        public bool $hasHead,
        public array $edits,
        public array $columns,
        public array $rows,
        public int $rowCount,
        public array $blocks,
        public int $blockCount,
        public array $counts,
        public array $notes,
        public array $losses,
    ) {
    }
}
