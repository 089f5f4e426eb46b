<?php

declare(strict_types=1);

namespace Notagram\Check\Rule;

use Notagram\Check\SheetRule;
use Notagram\Check\SheetWishes;
use Notagram\Finding\Finding;
use Notagram\Notation\SheetOverview;
use Notagram\Source\Span;

/** Doubts a number of questions other than the person expects. */
final readonly class CountDiffers implements SheetRule
{
    public const CODE = 'sheet.count-differs';

    public function check(SheetOverview $sheet, SheetWishes $wishes): iterable
    {
        $expected = $wishes->expectedQuestions;
        $count = $sheet->questions;
        if (null === $expected || $expected === $count) {
            return;
        }
        yield Finding::doubt(
            self::CODE,
            Span::at(0),
            \sprintf('%s expected, but %d %s here.', 1 === $expected ? '1 question is' : "{$expected} questions are", $count, 1 === $count ? 'is' : 'are'),
            $count < $expected
                ? 'Look for two questions that ran together, or for one that did not come along.'
                : 'Look for a question that fell apart, or for a text that is none.',
        );
    }
}
