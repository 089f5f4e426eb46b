<?php

declare(strict_types=1);

namespace Notagram\Check\Rule\Marking;

use Notagram\Check\PlacedFinding;
use Notagram\Check\SheetWishes;
use Notagram\Check\WholeSheetRule;
use Notagram\Finding\Finding;
use Notagram\Marking\Draws;
use Notagram\Marking\Tail;
use Notagram\Notation\ReadSheet;
use Notagram\Question\TrueFalse;
use Notagram\Source\Span;

/** Hints at true/false questions nearly all of which have the same answer: the exact tail of the toss of a coin. */
final readonly class TrueFalseBalance implements WholeSheetRule
{
    public const CODE = 'marking.true-false-balance';

    private const LEAST_QUESTIONS = 10;
    private const LEVEL = 100;

    public function check(ReadSheet $sheet, SheetWishes $wishes): iterable
    {
        $times = ['false' => 0, 'true' => 0];
        foreach ($sheet->blocks as $placed) {
            $answers = $placed->reading->question?->answers;
            if ($answers instanceof TrueFalse && null !== $answers->answer) {
                ++$times[$answers->answer ? 'true' : 'false'];
            }
        }
        $all = $times['true'] + $times['false'];
        if ($all < self::LEAST_QUESTIONS) {
            return;
        }
        // Either side may be too common.
        if (Tail::atLeast([Draws::hits($all, 1, 2)], max($times))->most < 1 / (2 * self::LEVEL)) {
            yield new PlacedFinding(Finding::hint(
                self::CODE,
                Span::at(0),
                case: $times['true'] > $times['false'] ? '' : 'false',
                all: $all,
                times: max($times),
            ), null);
        }
    }
}
