<?php

declare(strict_types=1);

namespace Notagram\Check\Rule\Craft;

use Notagram\Check\PlacedFinding;
use Notagram\Check\Repeat\Repeats;
use Notagram\Check\Repeat\StemPrint;
use Notagram\Check\SheetWishes;
use Notagram\Check\WholeSheetRule;
use Notagram\Finding\Finding;
use Notagram\Notation\ReadSheet;

/** Doubts a question that asks what another one of the sheet, or of the shelf, asks already. */
final readonly class StemRepeated implements WholeSheetRule
{
    public const CODE = 'craft.stem-repeated';

    public function check(ReadSheet $sheet, SheetWishes $wishes): iterable
    {
        if (null === $wishes->neighbours) {
            return;
        }
        foreach (Repeats::among(self::printsOf($sheet), $wishes->neighbours) as $repeat) {
            $placed = $sheet->numbered($repeat->later->number);
            $question = $placed->reading->question ?? throw new \LogicException('Only questions have prints.');
            yield new PlacedFinding(Finding::doubt(
                self::CODE,
                $question->stemSpan->shiftedBy($placed->block->start),
                case: null === $repeat->earlier->sheet ? '' : 'elsewhere',
                number: $repeat->earlier->number,
                sheet: $repeat->earlier->sheet ?? '',
                likeness: $repeat->likeness,
            ), $placed->number);
        }
    }

    /** @return list<StemPrint> */
    public static function printsOf(ReadSheet $sheet, ?string $title = null): array
    {
        $prints = [];
        foreach ($sheet->blocks as $placed) {
            $print = null === $placed->reading->question || null === $placed->number ? null : StemPrint::of($placed->reading->question, $placed->number, $title);
            if (null !== $print) {
                $prints[] = $print;
            }
        }

        return $prints;
    }
}
