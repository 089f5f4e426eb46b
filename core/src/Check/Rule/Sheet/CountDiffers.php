<?php

declare(strict_types=1);

namespace Notagram\Check\Rule\Sheet;

use Notagram\Check\LikeliestPlace;
use Notagram\Check\PlacedFinding;
use Notagram\Check\SheetWishes;
use Notagram\Check\WholeSheetRule;
use Notagram\Finding\Finding;
use Notagram\Notation\PlacedBlock;
use Notagram\Notation\ReadSheet;
use Notagram\Source\Span;

/** Doubts a number of questions other than the person expects, and names the likeliest place. */
final readonly class CountDiffers implements WholeSheetRule
{
    public const CODE = 'sheet.count-differs';

    public function check(ReadSheet $sheet, SheetWishes $wishes): iterable
    {
        $expected = $wishes->expectedQuestions;
        $count = \count(array_filter($sheet->blocks, static fn (PlacedBlock $placed) => null !== $placed->number));
        if (null === $expected || $expected === $count) {
            return;
        }
        $place = $count < $expected ? LikeliestPlace::ofOneMissing($sheet) : LikeliestPlace::ofOneTooMany($sheet);
        $case = $place->case ?? ($count < $expected ? '' : 'too-many');
        $arguments = ['expected' => $expected, 'count' => $count] + ($place->arguments ?? []);
        yield new PlacedFinding(Finding::doubt(self::CODE, $place->span ?? Span::at(0), null, $case, ...$arguments), null);
    }
}
