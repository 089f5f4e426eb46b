<?php

declare(strict_types=1);

namespace Notagram\Check\Rule\Sheet;

use Notagram\Check\PlacedFinding;
use Notagram\Check\SheetWishes;
use Notagram\Check\WholeSheetRule;
use Notagram\Finding\Finding;
use Notagram\Notation\BlockKind;
use Notagram\Notation\PlacedBlock;
use Notagram\Notation\ReadSheet;
use Notagram\Source\Span;

/** Hints at a category without a question. One that its own subcategory follows is only being announced. */
final readonly class CategoryEmpty implements WholeSheetRule
{
    public const CODE = 'sheet.category-empty';

    public function check(ReadSheet $sheet, SheetWishes $wishes): iterable
    {
        $waiting = null;
        foreach ($sheet->blocks as $placed) {
            if (BlockKind::Category === $placed->reading->kind) {
                if (null !== $waiting && $waiting->category !== \array_slice($placed->category, 0, \count($waiting->category))) {
                    yield self::empty($waiting, $sheet->source->text);
                }
                $waiting = $placed;
            } elseif (null !== $placed->number) {
                $waiting = null;
            }
        }
        if (null !== $waiting) {
            yield self::empty($waiting, $sheet->source->text);
        }
    }

    private static function empty(PlacedBlock $placed, string $text): PlacedFinding
    {
        $token = $placed->reading->tokensIn($placed->block->textIn($text))[0] ?? null;

        return new PlacedFinding(Finding::hint(
            self::CODE,
            new Span($placed->block->start + ($token->start ?? 0), $placed->block->start + ($token->end ?? 0)),
        ), null);
    }
}
