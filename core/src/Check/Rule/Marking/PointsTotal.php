<?php

declare(strict_types=1);

namespace Notagram\Check\Rule\Marking;

use Notagram\Check\PlacedFinding;
use Notagram\Check\SheetWishes;
use Notagram\Check\WholeSheetRule;
use Notagram\Finding\Finding;
use Notagram\Marking\PointsSum;
use Notagram\Notation\ReadSheet;
use Notagram\Source\Span;

/** Doubts points that do not come to what the person wants them to come to. */
final readonly class PointsTotal implements WholeSheetRule
{
    public const CODE = 'marking.points-total';

    public function check(ReadSheet $sheet, SheetWishes $wishes): iterable
    {
        if (null === $wishes->expectedPoints) {
            return;
        }
        $questions = [];
        foreach ($sheet->blocks as $placed) {
            if (null !== $placed->reading->question) {
                $questions[] = $placed->reading->question;
            }
        }
        $total = PointsSum::of($questions);
        if (!$total->isEqualTo($wishes->expectedPoints)) {
            yield new PlacedFinding(Finding::doubt(self::CODE, Span::at(0), total: (string) $total, expected: $wishes->expectedPoints), null);
        }
    }
}
