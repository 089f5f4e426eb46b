<?php

declare(strict_types=1);

namespace Notagram\Check\Rule\Sheet;

use Notagram\Check\PlacedFinding;
use Notagram\Check\SheetWishes;
use Notagram\Check\WholeSheetRule;
use Notagram\Finding\Finding;
use Notagram\Notation\ReadSheet;
use Notagram\Notation\Token;
use Notagram\Notation\TokenKind;
use Notagram\Source\Span;

/** Doubts a title that two questions carry. */
final readonly class TitleDuplicate implements WholeSheetRule
{
    public const CODE = 'sheet.title-duplicate';

    public function check(ReadSheet $sheet, SheetWishes $wishes): iterable
    {
        $first = [];
        foreach ($sheet->blocks as $placed) {
            $title = $placed->reading->question?->title;
            if (null === $title || null === $placed->number) {
                continue;
            }
            if (!isset($first[$title])) {
                $first[$title] = $placed->number;
                continue;
            }
            $token = array_values(array_filter($placed->reading->tokensIn($placed->block->textIn($sheet->source->text)), static fn (Token $token) => TokenKind::Title === $token->kind))[0] ?? null;
            yield new PlacedFinding(Finding::doubt(
                self::CODE,
                null === $token ? Span::at($placed->block->start) : new Span($placed->block->start + $token->start, $placed->block->start + $token->end),
                number: $first[$title],
                title: mb_strimwidth($title, 0, 60, '…', 'UTF-8'),
            ), $placed->number);
        }
    }
}
