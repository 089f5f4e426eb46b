<?php

declare(strict_types=1);

namespace Notagram\Intake\Table;

use Notagram\Source\Regex;

/** What each column of a table means, and where its questions begin. */
final readonly class Columns
{
    /** The headings stand above all questions, perhaps below a title. */
    private const HEAD_WITHIN = 6;

    /**
     * @param list<Column> $columns
     * @param int          $first   the place, from 0, of the first row that is a question
     * @param bool         $hasHead whether the row above it names the columns
     */
    private function __construct(public array $columns, public int $first, public bool $hasHead)
    {
    }

    /**
     * By the headings, where there are any; else the first column is the stem, and the last the key where it fits the options between.
     *
     * @param ?bool $hasHead whether a row of headings stands above the questions; null to find it out
     */
    public static function of(Table $table, ?bool $hasHead = null): self
    {
        $headed = self::headed($table);
        if (true === $hasHead) {
            // Their words are none that is known: the rows below them tell.
            return $headed ?? new self(self::byContent($table->belowFirst()), 1, true);
        }
        if (null === $headed) {
            return new self(self::byContent($table), 0, false);
        }

        return false === $hasHead ? new self($headed->columns, $headed->first - 1, false) : $headed;
    }

    /** The same questions, their columns told by a person. */
    public function with(Column ...$columns): self
    {
        return new self(self::numbered(array_values($columns)), $this->first, $this->hasHead);
    }

    public function has(ColumnKind $kind): bool
    {
        return [] !== $this->placesOf($kind);
    }

    public function placeOf(ColumnKind $kind): ?int
    {
        return $this->placesOf($kind)[0] ?? null;
    }

    /** @return list<int> */
    private function placesOf(ColumnKind $kind): array
    {
        return array_values(array_filter(array_keys($this->columns), fn (int $place) => $this->columns[$place]->kind === $kind));
    }

    /** @return array<int, int> the places of the columns of a kind by the number of their options, in that order */
    public function numberedPlaces(ColumnKind $kind): array
    {
        $places = [];
        foreach ($this->placesOf($kind) as $place) {
            $places[$this->columns[$place]->number] ??= $place;
        }
        ksort($places);

        return $places;
    }

    /** Whether a table is one of questions beyond doubt: its headings say so. */
    public function areTold(): bool
    {
        return $this->hasHead && $this->has(ColumnKind::Stem) && ($this->has(ColumnKind::Key) || $this->has(ColumnKind::Option) || $this->has(ColumnKind::Type));
    }

    private static function headed(Table $table): ?self
    {
        $words = ColumnWords::all();
        foreach (\array_slice($table->rows, 0, self::HEAD_WITHIN) as $place => $row) {
            $columns = [];
            $told = 0;
            $width = $table->width();
            $times = array_count_values(array_map(static fn (int $at) => mb_strtolower(trim($row->cell($at))), range(0, max(0, $width - 1))));
            for ($at = 0; $at < $width; ++$at) {
                // “Answer” above one column is the right one, above several each is an option.
                $isAgain = $times[mb_strtolower(trim($row->cell($at)))] > 1 && $words->isOption($row->cell($at));
                $column = $isAgain ? new Column(ColumnKind::Option) : $words->columnOf($row->cell($at)) ?? new Column(ColumnKind::LeftOut);
                $told += ColumnKind::LeftOut === $column->kind ? 0 : 1;
                $columns[] = $column;
            }
            $head = new self(self::numbered(self::once($columns)), $place + 1, true);
            if ($told > 1 && $head->areTold()) {
                return $head;
            }
        }

        return null;
    }

    /**
     * “Answer” before all options is one of them, perhaps; a second “question” is nothing.
     *
     * @param list<Column> $columns
     *
     * @return list<Column>
     */
    private static function once(array $columns): array
    {
        $seen = [];
        foreach ($columns as $place => $column) {
            if ($column->kind->isSingle() && isset($seen[$column->kind->value])) {
                $columns[$place] = new Column(ColumnKind::LeftOut);
            }
            $seen[$column->kind->value] = true;
        }

        return $columns;
    }

    /**
     * Options without a number get the next one that is free.
     *
     * @param list<Column> $columns
     *
     * @return list<Column>
     */
    private static function numbered(array $columns): array
    {
        $taken = [];
        foreach ($columns as $column) {
            $taken[$column->kind->value][$column->number] = true;
        }
        foreach ($columns as $place => $column) {
            if (\in_array($column->kind, [ColumnKind::Option, ColumnKind::OptionFeedback], true) && 0 === $column->number) {
                $free = 1;
                while (isset($taken[$column->kind->value][$free])) {
                    ++$free;
                }
                $taken[$column->kind->value][$free] = true;
                $columns[$place] = new Column($column->kind, $free);
            }
        }

        return $columns;
    }

    /** @return list<Column> */
    private static function byContent(Table $table): array
    {
        $width = $table->width();
        $columns = array_fill(0, max(1, $width), new Column(ColumnKind::Option));
        $stem = $width > 2 && self::counts($table) ? 1 : 0;
        if (1 === $stem) {
            $columns[0] = new Column(ColumnKind::LeftOut);
        }
        $columns[$stem] = new Column(ColumnKind::Stem);
        if ($width - $stem > 1 && self::isKey($table, $stem, $width - 1)) {
            $columns[$width - 1] = new Column(ColumnKind::Key);
        }

        return self::numbered(array_values($columns));
    }

    /** Whether the first column counts the rows. */
    private static function counts(Table $table): bool
    {
        foreach ($table->rows as $row) {
            if (!Regex::match('/^\d{1,5}[.)]?\z/', $row->cell(0))) {
                return false;
            }
        }

        return true;
    }

    /** Whether every cell of a column fits the options between it and the stem; with nothing between, it is the answer. */
    private static function isKey(Table $table, int $stem, int $place): bool
    {
        if ($place === $stem + 1) {
            return true;
        }
        foreach ($table->rows as $row) {
            $options = [];
            for ($at = $stem + 1; $at < $place; ++$at) {
                $options[$at - $stem] = $row->cell($at);
            }
            $options = array_filter($options, static fn (string $option) => '' !== $option);
            $key = $row->cell($place);
            if ('' !== $key && [] !== $options && [] === CellKey::in($key, $options)) {
                return false;
            }
        }

        return true;
    }
}
