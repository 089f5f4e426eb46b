<?php

declare(strict_types=1);

namespace Notagram\Intake\Table;

use Notagram\Intake\Archive;
use Notagram\Intake\UnreadableDocument;
use PhpOffice\PhpSpreadsheet\Cell\Cell;
use PhpOffice\PhpSpreadsheet\Cell\Coordinate;
use PhpOffice\PhpSpreadsheet\Cell\DataType;
use PhpOffice\PhpSpreadsheet\Reader\Xlsx;
use PhpOffice\PhpSpreadsheet\Style\NumberFormat;
use PhpOffice\PhpSpreadsheet\Worksheet\Worksheet;

/** Reads an Office Open XML workbook as a person sees it: cells as they are shown, what is hidden left out. */
final class Workbook
{
    /** Markup of a table of the largest size. */
    public const MAX_XML_MB = 60;

    /** @throws UnreadableDocument */
    public static function read(string $bytes): Table
    {
        Archive::of($bytes)->checkAll(self::MAX_XML_MB);
        $filter = new WithinLimits();
        $reader = new Xlsx();
        $reader->setReadFilter($filter)->setIgnoreRowsWithNoCells(true)->setReadEmptyCells(false)->setIncludeCharts(false)->setAllowExternalImages(false);
        $path = tempnam(sys_get_temp_dir(), 'notagram');
        if (false === $path) {
            throw new \RuntimeException('There is no room for a temporary file.');
        }
        try {
            file_put_contents($path, $bytes);
            $sheets = $reader->load($path)->getAllSheets();
        } catch (\Throwable) {
            // The library throws whatever its own code and PHP throw at a file that is not as it should be.
            throw UnreadableDocument::damaged();
        } finally {
            unlink($path);
        }
        if ($filter->hasMore) {
            throw UnreadableDocument::tooManyRows(Table::MOST_ROWS);
        }

        return WorkbookSheet::firstOf(array_values(array_map(self::sheet(...), array_filter($sheets, static fn (Worksheet $sheet) => Worksheet::SHEETSTATE_VISIBLE === $sheet->getSheetState()))));
    }

    private static function sheet(Worksheet $sheet): WorkbookSheet
    {
        $hidden = [];
        foreach ($sheet->getColumnDimensions() as $name => $dimension) {
            if (!$dimension->getVisible()) {
                $hidden[Coordinate::columnIndexFromString($name) - 1] = false;
            }
        }
        $rows = [];
        $hiddenRows = 0;
        foreach ($sheet->getRowIterator() as $row) {
            $cells = [];
            foreach ($row->getCellIterator(iterateOnlyExistingCells: true) as $column => $cell) {
                $place = Coordinate::columnIndexFromString($column) - 1;
                $shown = self::shown($cell);
                if ('' !== trim($shown)) {
                    $cells[$place] = $shown;
                }
            }
            if ([] !== $cells && !$sheet->getRowDimension($row->getRowIndex())->getVisible()) {
                ++$hiddenRows;
            } elseif ([] !== $cells) {
                $hidden = array_fill_keys(array_keys(array_intersect_key($cells, $hidden)), true) + $hidden;
                $rows[$row->getRowIndex()] = self::filled($cells, $hidden);
            }
        }

        return new WorkbookSheet($sheet->getTitle(), array_filter($rows, static fn (array $cells) => [] !== $cells), $hiddenRows, \count(array_filter($hidden)));
    }

    /**
     * The cells of a row, one after the other.
     *
     * @param array<int, string>           $cells  by their places, from 0
     * @param array<int, bool>             $hidden by the places of the columns that are left out
     *
     * @return list<string> up to the last one
     */
    public static function filled(array $cells, array $hidden): array
    {
        $row = [];
        for ($place = 0, $last = max([-1, ...array_keys($cells)]); $place <= $last; ++$place) {
            if (!isset($hidden[$place])) {
                $row[] = $cells[$place] ?? '';
            }
        }

        return $row;
    }

    /** A formula is never worked out: what its program has shown last counts. */
    private static function shown(Cell $cell): string
    {
        if (DataType::TYPE_FORMULA !== $cell->getDataType()) {
            return $cell->getFormattedValue();
        }
        $value = $cell->getOldCalculatedValue();
        $format = $cell->getStyle()->getNumberFormat()->getFormatCode() ?? NumberFormat::FORMAT_GENERAL;

        return match (true) {
            \is_bool($value) => $value ? 'TRUE' : 'FALSE',
            \is_string($value) || \is_int($value) || \is_float($value) => NumberFormat::toFormattedString($value, $format),
            default => '',
        };
    }
}
