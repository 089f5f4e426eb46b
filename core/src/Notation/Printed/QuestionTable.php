<?php

declare(strict_types=1);

namespace Notagram\Notation\Printed;

use Notagram\Notation\PaperWords;
use Notagram\Source\Regex;

/** A table whose head names the columns: a question in each row, its options and its answer in cells beside it. */
final class QuestionTable
{
    private const MOST_OPTIONS = 26;

    /** @var list<'number'|'question'|'option'|'key'|'points'|''> what each column holds */
    private readonly array $columns;

    /** @param list<'number'|'question'|'option'|'key'|'points'|''> $columns */
    private function __construct(array $columns)
    {
        $this->columns = $columns;
    }

    /**
     * @param list<Line>            $lines
     * @param array<int, Role|null> $settled
     *
     * @return array<int, list<Piece>> by line, each piece with its role and marks
     */
    public static function piecesOf(array $lines, array $settled): array
    {
        $pieces = [];
        $table = null;
        foreach ($lines as $index => $line) {
            if (null !== $settled[$index]) {
                continue;
            }
            $cells = str_contains($line->text, "\t") ? explode("\t", $line->text) : [];
            if (null !== $table && \count($cells) > 1) {
                $pieces[$index] = $table->row($line, $cells);
                continue;
            }
            $table = \count($cells) > 2 ? self::headedBy($cells) : null;
            if (null !== $table) {
                $head = new Piece($line, '', $line->trimmed(), false);
                $head->role = Role::Heading;
                $pieces[$index] = [$head];
            }
        }

        return $pieces;
    }

    /** “B”, “Option 2”, “answer c” */
    private static function endsAsOption(string $cell): bool
    {
        return '' !== $cell && (str_contains('ABCDEFGH12345678', $cell[-1]) || (str_contains('abcdefgh', $cell[-1]) && ' ' === ($cell[-2] ?? ' ')));
    }

    /** @param list<string> $cells */
    private static function headedBy(array $cells): ?self
    {
        // Most lines with tabs are no head of a table: that ends two of its cells with what an option is called.
        $ends = 0;
        foreach ($cells as $column => $cell) {
            $cells[$column] = $cell = trim($cell);
            $ends += self::endsAsOption($cell) ? 1 : 0;
        }
        if ($ends < 2) {
            return null;
        }
        $words = PaperWords::all();
        $columns = array_map(static fn (string $cell): string => match (true) {
            Regex::match('~^(?:n[or]?\.?|n[º°]|#|nummer|number|número|numéro|numero)\z~iu', $cell) => 'number',
            Regex::match("~^(?:(?:{$words->option})\\s*+)?(?:[A-H]|[1-8])\\z~iu", $cell) => 'option',
            Regex::match("~^(?:{$words->question}|{$words->statement})\\z~iu", $cell) => 'question',
            Regex::match("~^(?:{$words->key}|{$words->correct}|{$words->answer})\\z~iu", $cell) || null !== $words->afterCorrectAnswer("{$cell}:") => 'key',
            Regex::match("~^(?:{$words->value}|{$words->points})\\z~iu", $cell) => 'points',
            default => '',
        }, $cells);
        $times = array_count_values($columns);

        return 1 === ($times['question'] ?? 0) && ($times['option'] ?? 0) > 1 && ($times['key'] ?? 0) < 2 ? new self($columns) : null;
    }

    /**
     * @param list<string> $cells
     *
     * @return list<Piece>
     */
    private function row(Line $line, array $cells): array
    {
        $pieces = [];
        $gap = $number = '';
        $options = 0;
        foreach ($cells as $column => $cell) {
            $text = trim($cell);
            $kind = $this->columns[$column] ?? '';
            if ('' === $text) {
                $gap .= $cell."\t";
                continue;
            }
            if ('number' === $kind && [] === $pieces && Regex::match('/^\d{1,4}[.)]?\z/', $text)) {
                $number = $text."\t";
                continue;
            }
            $piece = new Piece($line, $gap, 'question' === $kind ? $number.$text : $text, [] !== $pieces);
            $gap = "\t";
            if ('question' === $kind) {
                $piece->role = Role::Question;
                $piece->number = '' === $number ? null : new NumberMark('cell', (int) $number, '', '', $number, $text);
            } elseif ('option' === $kind && $options < self::MOST_OPTIONS) {
                $piece->role = Role::Option;
                $piece->option = new OptionMark('', ++$options, false, '', $text);
            } else {
                $piece->role = match ($kind) {
                    'key' => Role::Answer,
                    'points' => Role::Points,
                    default => Role::Bookkeeping,
                };
            }
            $pieces[] = $piece;
        }

        return $pieces;
    }
}
