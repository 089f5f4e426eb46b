<?php

declare(strict_types=1);

namespace Notagram\Intake\Table;

use Notagram\Intake\UnreadableDocument;
use Notagram\Message\Message;

/** One sheet of a workbook as a person sees it. */
final readonly class WorkbookSheet
{
    private const ERRORS = ['#NULL!', '#DIV/0!', '#VALUE!', '#REF!', '#NAME?', '#NUM!', '#N/A', 'Err:502', 'Err:508', 'Err:509', 'Err:522'];

    /**
     * @param array<int, list<string>> $rows          those with content, by their numbers
     * @param int                      $hiddenRows    how many with content were left out
     * @param int                      $hiddenColumns the same of columns
     */
    public function __construct(public string $title, public array $rows, public int $hiddenRows, public int $hiddenColumns)
    {
    }

    /**
     * The first one with content, and what there is to say of it.
     *
     * @param list<self> $sheets
     *
     * @throws UnreadableDocument
     */
    public static function firstOf(array $sheets): Table
    {
        $filled = array_values(array_filter($sheets, static fn (self $sheet) => [] !== $sheet->rows));
        $sheet = $filled[0] ?? throw UnreadableDocument::emptyTable();
        $others = \count($filled) - 1;

        return Table::of($sheet->rows, [...($others > 0 ? [Message::of('table/other-sheets', sheet: $sheet->title, count: $others)] : []), ...$sheet->notes()]);
    }

    /** @return list<Message> */
    private function notes(): array
    {
        $notes = [];
        if ($this->hiddenRows > 0) {
            $notes[] = Message::of('table/hidden-rows', count: $this->hiddenRows);
        }
        if ($this->hiddenColumns > 0) {
            $notes[] = Message::of('table/hidden-columns', count: $this->hiddenColumns);
        }
        foreach ($this->rows as $number => $cells) {
            foreach (array_intersect($cells, self::ERRORS) as $error) {
                $notes[] = Message::of('table/formula-error', row: $number, error: $error);
            }
        }

        return $notes;
    }
}
