<?php

declare(strict_types=1);

namespace Notagram\Check\Rule\Sheet;

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
        $message = \sprintf('%s expected, but %d %s here.', 1 === $expected ? '1 question is' : "{$expected} questions are", $count, 1 === $count ? 'is' : 'are');
        $advice = $count < $expected
            ? 'Look for two questions that ran together, or for one that did not come along.'
            : 'Look for a question that fell apart, or for a text that is none.';
        yield null === $place
            ? new PlacedFinding(Finding::doubt(self::CODE, Span::at(0), $message, $advice), null)
            : new PlacedFinding(Finding::doubt(self::CODE, $place->span, "{$message} {$place->reason}", 'Look there first.'), null);
    }
}
