<?php

declare(strict_types=1);

namespace App\Reading;

use App\Entity\Sheet;
use App\Http\Refusal;
use App\Request\NamedNotation;
use App\Request\TableRequest;
use App\View\TableColumnView;
use App\View\TableRowView;
use App\View\TableView;
use App\View\TermBlockView;
use App\View\TermView;
use App\View\TypeCountView;
use Notagram\Editing\EditedText;
use Notagram\Handover\GoingOn;
use Notagram\Intake\Manuscript;
use Notagram\Intake\Table\Column;
use Notagram\Intake\Table\Columns;
use Notagram\Intake\Table\RowQuestion;
use Notagram\Intake\Table\Table;
use Notagram\Intake\Table\TableRow;
use Notagram\Intake\Table\TableSheet;
use Notagram\Intake\Table\Tabular;
use Notagram\Intake\Terms\TermKind;
use Notagram\Intake\Terms\TermList;
use Notagram\Intake\Terms\TermPair;
use Notagram\Intake\Terms\TermSheet;
use Notagram\Message\Sentences;
use Notagram\Notation\Notations;
use Notagram\Notation\ReadSheet;
use Notagram\Question\QuestionType;
use Notagram\Source\SourceText;

/** Makes of rows what the leaf “Columns” shows. */
final readonly class TableViews
{
    private const ROWS = 10;
    private const BLOCKS = 60;
    private const LONGEST_CELL = 200;

    public function __construct(private Sentences $sentences)
    {
    }

    public function of(Sheet $sheet, Tabular $tabular, TableRequest $request): TableView
    {
        $asTerms = null !== $tabular->terms && (null === $tabular->table || ($request->asTerms ?? $tabular->areTerms));

        return $asTerms ? $this->ofTerms($sheet, $tabular, $tabular->terms, $request) : $this->ofTable($sheet, $tabular, $tabular->table ?? throw Refusal::because(422, 'no-table'), $request);
    }

    private function ofTable(Sheet $sheet, Tabular $tabular, Table $table, TableRequest $request): TableView
    {
        $columns = Columns::of($table, $request->hasHead);
        if (null !== $request->columns) {
            $columns = $columns->with(...array_map(static fn (string $name) => Column::named($name) ?? throw Refusal::because(422, 'column', column: $name), $request->columns));
        }
        $questions = TableSheet::of($table, $columns);
        $counts = [];
        foreach ($questions->counts() as $type => $count) {
            $counts[] = new TypeCountView(QuestionType::from($type), $count);
        }

        return $this->view(
            $sheet,
            $tabular,
            $request,
            $questions->manuscript(Notations::find('gift') ?? throw new \LogicException('GIFT is there.')),
            columns: array_map(static fn (Column $column, int $place) => new TableColumnView($column->name(), $columns->hasHead ? $table->rows[$columns->first - 1]->cell($place) : ''), $columns->columns, array_keys($columns->columns)),
            rows: array_map($this->row(...), \array_slice($table->rows, $columns->first, self::ROWS), \array_slice($questions->rows, 0, self::ROWS)),
            rowCount: \count($table->rows) - $columns->first,
            counts: $counts,
            hasHead: $columns->hasHead,
        );
    }

    private function row(TableRow $row, RowQuestion $question): TableRowView
    {
        return new TableRowView($row->number, array_map(static fn (string $cell) => mb_strimwidth($cell, 0, self::LONGEST_CELL, '…'), $row->cells), $question->question?->type(), array_map($this->sentences->of(...), $question->notes));
    }

    private function ofTerms(Sheet $sheet, Tabular $tabular, TermList $list, TableRequest $request): TableView
    {
        $terms = TermSheet::of($list, $request->size, $request->asked, $request->kind, array_filter(array_map(TermKind::tryFrom(...), $request->kinds), static fn (?TermKind $kind) => null !== $kind));
        $counts = [];
        foreach (array_keys($terms->blocks) as $block) {
            $type = match ($terms->kindOf($block)) {
                TermKind::Choice => QuestionType::Choice,
                TermKind::Typed => QuestionType::ShortAnswer,
                TermKind::Matching => QuestionType::Matching,
            };
            $counts[$type->value] = ($counts[$type->value] ?? 0) + (QuestionType::Matching === $type ? 1 : \count($terms->blocks[$block]));
        }

        return $this->view(
            $sheet,
            $tabular,
            $request,
            $terms->manuscript(Notations::find('gift') ?? throw new \LogicException('GIFT is there.')),
            blocks: array_map(static fn (array $pairs, int $block) => new TermBlockView($terms->kindOf($block), array_map(static fn (TermPair $pair) => new TermView($pair->term, $pair->definition), $pairs)), $first = \array_slice($terms->blocks, 0, self::BLOCKS), array_keys($first)),
            blockCount: \count($terms->blocks),
            counts: array_map(static fn (string $type, int $count) => new TypeCountView(QuestionType::from($type), $count), array_keys($counts), $counts),
            asTerms: true,
        );
    }

    /**
     * @param list<TableColumnView> $columns
     * @param list<TableRowView>    $rows
     * @param list<TermBlockView>   $blocks
     * @param list<TypeCountView>   $counts
     */
    private function view(Sheet $sheet, Tabular $tabular, TableRequest $request, Manuscript $gift, array $columns = [], array $rows = [], int $rowCount = 0, array $blocks = [], int $blockCount = 0, array $counts = [], bool $asTerms = false, bool $hasHead = false): TableView
    {
        $text = $gift->text;
        $losses = [];
        if ('gift' !== $request->notation) {
            $goingOn = GoingOn::of(ReadSheet::of(SourceText::fromUtf8($text), Notations::find('gift') ?? throw new \LogicException('GIFT is there.')), NamedNotation::of($request->notation));
            [$text, $losses] = [$goingOn->text, $goingOn->losses];
        }

        return new TableView(
            $asTerms,
            null !== $tabular->table,
            null !== $tabular->terms,
            $hasHead,
            EditedText::between($sheet->text(), $text),
            $columns,
            $rows,
            $rowCount,
            $blocks,
            $blockCount,
            $counts,
            array_map($this->sentences->of(...), $gift->notes),
            array_map($this->sentences->of(...), $losses),
        );
    }
}
