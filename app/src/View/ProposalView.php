<?php

declare(strict_types=1);

namespace App\View;

use Notagram\Editing\EditorEdit;

/** Edits of many questions, shown before they are made. */
final readonly class ProposalView
{
    /**
     * @param list<EditorEdit>      $edits
     * @param list<NewValueView>    $values what changes of each question, where that can be said in a word
     * @param list<string>          $notes
     */
    public function __construct(
        public array $edits,
        public array $values,
        public array $notes,
    ) {
    }
}
