<?php

declare(strict_types=1);

namespace Notagram\Intake\Table;

use Notagram\Intake\Manuscript;
use Notagram\Intake\Terms\TermBlocks;
use Notagram\Intake\Terms\TermKind;
use Notagram\Intake\Terms\TermList;
use Notagram\Intake\Terms\TermSheet;
use Notagram\Intake\Terms\TermSide;
use Notagram\Intake\UnreadableDocument;
use Notagram\Notation\Notation;

/** What a text is where it is no list of questions, but rows that questions can be made of. */
final readonly class Tabular
{
    /**
     * @param ?Table    $table null where its lines are no rows of cells
     * @param ?TermList $terms null where it does not have two columns
     * @param bool      $areTerms whether it is rather a list of terms than a table of questions
     */
    private function __construct(public ?Table $table, public ?TermList $terms, public bool $areTerms)
    {
    }

    /**
     * Null for any other text.
     *
     * @param ?string $fileName   that it came under: it may say that it is a table
     * @param bool    $wantsTerms whether a list of terms was asked for, which then need not be one beyond doubt
     *
     * @throws UnreadableDocument
     */
    public static function in(string $text, ?string $fileName = null, bool $wantsTerms = false): ?self
    {
        $table = TableFiles::inText($text, $fileName);
        $terms = null !== $table ? TermList::ofTable($table) : ($wantsTerms ? TermList::in($text) : TermList::recognised($text));

        return null === $table && null === $terms ? null : new self($table, $terms, null !== $terms && (null === $table || !Columns::of($table)->areTold()));
    }

    /**
     * The questions in a notation that has categories and titles.
     *
     * @param ?list<Column> $columns null to find out what they hold
     */
    public function asTable(Notation $notation, ?array $columns = null): ?Manuscript
    {
        if (null === $this->table) {
            return null;
        }
        $found = Columns::of($this->table);

        return TableSheet::of($this->table, null === $columns ? $found : $found->with(...$columns))->manuscript($notation);
    }

    public function asTerms(Notation $notation, int $size = TermBlocks::USUAL_SIZE, TermSide $asked = TermSide::Definition, TermKind $kind = TermKind::Choice): ?Manuscript
    {
        return null === $this->terms ? null : TermSheet::of($this->terms, $size, $asked, $kind)->manuscript($notation);
    }
}
