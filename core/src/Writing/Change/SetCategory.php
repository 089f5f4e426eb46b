<?php

declare(strict_types=1);

namespace Notagram\Writing\Change;

use Notagram\Notation\BlockKind;
use Notagram\Notation\BlockReading;
use Notagram\Notation\Notation;
use Notagram\Notation\Part;
use Notagram\Notation\ReadSheet;
use Notagram\Source\LineEnding;
use Notagram\Writing\Amended;
use Notagram\Writing\CannotAmend;
use Notagram\Writing\SheetChange;

/** Files a question under another category, where it stands; those behind it keep theirs. */
final readonly class SetCategory implements SheetChange
{
    /** @param list<string> $path */
    public function __construct(public array $path)
    {
    }

    public function part(): Part
    {
        return Part::Category;
    }

    public function in(ReadSheet $sheet, int $number): Amended
    {
        $placed = $sheet->numbered($number);
        $text = $sheet->source->text;
        if ($placed->category === $this->path) {
            return new Amended($text, $number);
        }
        $newLine = LineEnding::forNewLinesIn($text);
        $index = (int) array_search($placed, $sheet->blocks, true);
        $before = self::line($sheet, $this->path).$newLine.$newLine;
        $behind = null;
        foreach (\array_slice($sheet->blocks, $index + 1) as $next) {
            if (BlockKind::Category === $next->reading->kind) {
                break;
            }
            if ($next->reading->kind->isNumbered()) {
                $behind = $next->block->start;
                break;
            }
        }
        if (null !== $behind) {
            $text = substr_replace($text, self::line($sheet, $placed->category).$newLine.$newLine, $behind, 0);
        }

        return new Amended(substr_replace($text, $before, $placed->block->start, 0), $number);
    }

    /**
     * @param list<string> $path
     *
     * @throws CannotAmend where the notation has no categories, or no way to end one
     */
    public static function line(ReadSheet $sheet, array $path): string
    {
        return self::lineIn($sheet->notation, $path);
    }

    /**
     * @param list<string> $path
     *
     * @throws CannotAmend where the notation has no categories, or no way to end one
     */
    public static function lineIn(Notation $notation, array $path): string
    {
        $written = $notation->writer()->write(new BlockReading(BlockKind::Category, category: $path));
        if ('' === $written->text || [] !== $written->losses) {
            throw [] === $path && '' !== $written->text ? CannotAmend::because('category-falls') : CannotAmend::because('no-part', notation: $notation->label(), part: 'category');
        }
        $read = $notation->reader();
        $blocks = $read->split($written->text);
        $category = isset($blocks[0]) ? $read->read($blocks[0], $written->text)->category : null;

        return $path === $category ? $written->text : throw [] === $path ? CannotAmend::because('category-falls') : CannotAmend::because('category-name', category: implode(' / ', $path));
    }
}
