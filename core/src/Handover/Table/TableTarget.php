<?php

declare(strict_types=1);

namespace Notagram\Handover\Table;

use Notagram\Handover\HandedOver;
use Notagram\Handover\HandedOverBlock;
use Notagram\Handover\PictureTravel;
use Notagram\Handover\Target;
use Notagram\Message\Message;
use Notagram\Notation\Loss;
use Notagram\Notation\PlacedBlock;
use Notagram\Notation\ReadSheet;
use Notagram\Notation\StyleChoice;
use Notagram\Notation\StyleValue;
use Notagram\Question\KeptPictures;
use Notagram\Source\Regex;

/** A sheet as a table with one question a row, whose first row names the columns. */
final readonly class TableTarget implements Target
{
    /** The columns that every table has, and where the options and what is said to them stand among them. */
    private const BEFORE_OPTIONS = ['category', 'title', 'type', 'stem', 'points'];
    private const BEHIND_OPTIONS = ['key', 'feedback'];
    private const BOM = 'byte-order-mark';

    public function __construct(private TableFile $file)
    {
    }

    public function id(): string
    {
        return $this->file->id();
    }

    public function label(): string
    {
        return $this->file->label();
    }

    public function about(): Message
    {
        return new Message('target/'.$this->id());
    }

    public function mediaType(): string
    {
        return $this->file->mediaType();
    }

    public function ending(): string
    {
        return $this->id();
    }

    public function styles(): array
    {
        return $this->file instanceof CsvFile ? [new StyleChoice(new Message('style/byte-order-mark'), [
            new StyleValue('', new Message('style/without')),
            new StyleValue(self::BOM, new Message('style/byte-order-mark-first')),
        ])] : [];
    }

    public function inStyle(string $words): ?self
    {
        return match (true) {
            '' === $words => $this,
            $this->file instanceof CsvFile && self::BOM === $words => new self(new CsvFile(true)),
            default => null,
        };
    }

    public function write(ReadSheet $sheet, KeptPictures $pictures = new KeptPictures()): HandedOver
    {
        $written = [];
        foreach ($sheet->blocks as $placed) {
            $row = $this->row($placed, $pictures);
            if (null !== $row) {
                $written[] = [$placed, $row];
            }
        }
        $columns = self::columns(array_map(static fn (array $one) => $one[1]->cells, $written));
        $rows = [$columns];
        $blocks = [];
        foreach ($written as [$placed, $row]) {
            $cells = array_map(static fn (string $column) => $row->cells[$column] ?? '', $columns);
            if ([] !== $row->cells) {
                $rows[] = $cells;
            }
            $blocks[] = new HandedOverBlock($placed, [] === $row->cells ? '' : implode(' | ', array_map(static fn (string $cell) => Regex::replace('/\s*\n\s*/', ' ', $cell), array_values(array_filter($cells, static fn (string $cell) => '' !== $cell)))), $row->losses);
        }

        return new HandedOver(\count($rows) > 1 ? fn () => $this->file->bytes($rows) : '', $blocks);
    }

    /** Null where there is nothing to write, and nothing is lost. */
    private function row(PlacedBlock $placed, KeptPictures $pictures): ?QuestionRow
    {
        $question = $placed->reading->question;
        if (null === $question) {
            $lost = HandedOverBlock::withoutQuestion($placed, $this->label());

            return null === $lost ? null : new QuestionRow([], $lost->losses);
        }
        $row = RowWriter::write($question, $placed->category, $this->label());
        if (!isset($row->cells['stem'])) {
            return new QuestionRow([], [Loss::dropped('no-stem')]);
        }
        if ([] !== array_filter($row->cells, fn (string $cell) => mb_strlen($cell) > $this->file->longestCell())) {
            return new QuestionRow([], [Loss::dropped('table/long-cell', most: $this->file->longestCell())]);
        }
        $travel = new PictureTravel($pictures, null);
        $travel->packed($question);
        $losses = [...$row->losses, ...$travel->losses(), ...($question->isMarked() ? [] : [Loss::refused('unmarked-goes')])];

        return new QuestionRow($row->cells, $losses);
    }

    /**
     * @param list<array<string, string>> $rows
     *
     * @return list<string>
     */
    private static function columns(array $rows): array
    {
        $most = ['option' => 0, 'feedback' => 0];
        foreach ($rows as $cells) {
            foreach (array_keys($cells) as $column) {
                if (Regex::match('/^(option|feedback) (\d+)\z/', $column, $match)) {
                    $most[$match[1]] = max($most[$match[1]], (int) $match[2]);
                }
            }
        }
        $numbered = static fn (string $name): array => array_map(static fn (int $number) => "{$name} {$number}", $most[$name] > 0 ? range(1, $most[$name]) : []);

        return [...self::BEFORE_OPTIONS, ...$numbered('option'), ...self::BEHIND_OPTIONS, ...$numbered('feedback')];
    }
}
