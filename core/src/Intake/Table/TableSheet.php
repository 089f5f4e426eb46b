<?php

declare(strict_types=1);

namespace Notagram\Intake\Table;

use Notagram\Intake\Manuscript;
use Notagram\Message\Message;
use Notagram\Notation\BlockKind;
use Notagram\Notation\BlockReading;
use Notagram\Notation\Notation;
use Notagram\Question\QuestionType;

/** The questions of a table: one a row, in order. */
final readonly class TableSheet
{
    /** So many notes are told; more are counted. */
    private const MOST_NOTES = 40;

    /** @param list<RowQuestion> $rows */
    private function __construct(private Table $table, public array $rows)
    {
    }

    public static function of(Table $table, Columns $columns): self
    {
        $rows = \array_slice($table->rows, $columns->first);
        $isApart = self::isKeyApart($rows, $columns);

        return new self($table, array_map(static fn (TableRow $row) => RowReader::read($row, $columns, $isApart), $rows));
    }

    /**
     * “Right answer”, “wrong answer 1”, “wrong answer 2”: whether no key names one of its options, so that it is one itself.
     *
     * @param list<TableRow> $rows
     */
    private static function isKeyApart(array $rows, Columns $columns): bool
    {
        $place = $columns->placeOf(ColumnKind::Key);
        $places = $columns->numberedPlaces(ColumnKind::Option);
        $keys = 0;
        if (null === $place || [] === $places) {
            return false;
        }
        foreach ($rows as $row) {
            $options = array_filter(array_map($row->cell(...), $places), static fn (string $option) => '' !== $option);
            $key = $row->cell($place);
            if ('' !== $key && [] !== $options && [] !== CellKey::in($key, $options)) {
                return false;
            }
            $keys += '' !== $key && [] !== $options && !CellKey::isName($key) ? 1 : 0;
        }

        return $keys > 1;
    }

    /** @return array<string, int> how many questions there are of each type, the most frequent first */
    public function counts(): array
    {
        $counts = array_count_values(array_map(static fn (QuestionType $type) => $type->value, array_filter(array_map(static fn (RowQuestion $row) => $row->question?->type(), $this->rows))));
        arsort($counts);

        return $counts;
    }

    /** @return list<Message> what was left out of the table, and of each row what is not in its question, or why it has none */
    public function notes(): array
    {
        $notes = array_merge(...array_map(static fn (RowQuestion $row) => $row->notes, $this->rows));
        $more = \count($notes) - self::MOST_NOTES;

        return [...$this->table->notes, ...\array_slice($notes, 0, self::MOST_NOTES), ...($more > 0 ? [Message::of('table/more', count: $more)] : [])];
    }

    /** The questions in a notation that has categories and titles, with what is to be said of them. */
    public function manuscript(Notation $notation): Manuscript
    {
        $writer = $notation->writer();
        $texts = $category = [];
        foreach ($this->rows as $row) {
            if (null === $row->question) {
                continue;
            }
            // Where a row names none, the one above goes on, as cells do that were filled once.
            if ([] !== $row->category && $row->category !== $category) {
                $category = $row->category;
                $texts[] = $writer->write(new BlockReading(BlockKind::Category, category: $category))->text;
            }
            $texts[] = $writer->write(new BlockReading(BlockKind::Question, $row->question))->text;
        }
        $texts = array_filter($texts, static fn (string $text) => '' !== $text);

        return new Manuscript([] === $texts ? '' : implode("\n\n", $texts)."\n", notes: $this->notes());
    }
}
