<?php

declare(strict_types=1);

namespace Notagram\Check\Rule\Marking;

use Notagram\Check\PlacedFinding;
use Notagram\Check\SheetWishes;
use Notagram\Check\WholeSheetRule;
use Notagram\Check\Wording;
use Notagram\Finding\Finding;
use Notagram\Marking\Draws;
use Notagram\Marking\Tail;
use Notagram\Notation\ReadSheet;
use Notagram\Question\Choice;
use Notagram\Source\Span;

/**
 * Hints at keys that fall on one place among the options more often than chance allows.
 *
 * The exact tail of the distribution that fair placing gives, each position tried, and the level divided by their number
 * (Bonferroni's correction; standard statistics).
 */
final readonly class KeyPosition implements WholeSheetRule
{
    public const CODE = 'marking.key-position';

    private const LEAST_CHOICES = 10;
    private const LEVEL = 100;

    public function check(ReadSheet $sheet, SheetWishes $wishes): iterable
    {
        /** @var array<int, int<0, max>> $sizes how many choices have so many options */
        $sizes = [];
        /** @var array<int, int> $keys how often the key stands there */
        $keys = [];
        foreach ($sheet->blocks as $placed) {
            $question = $placed->reading->question;
            if (null === $question || !$question->answers instanceof Choice || null === $key = (new Wording($question))->onlyKey()) {
                continue;
            }
            $size = \count($question->answers->options);
            if ($size > 1) {
                $sizes[$size] = ($sizes[$size] ?? 0) + 1;
                $keys[$key] = ($keys[$key] ?? 0) + 1;
            }
        }
        $choices = array_sum($sizes);
        if ($choices < self::LEAST_CHOICES) {
            return;
        }
        $positions = max(0, ...array_keys($sizes));
        foreach ($keys as $position => $times) {
            $draws = [];
            foreach ($sizes as $size => $count) {
                if ($size > $position) {
                    $draws[] = Draws::hits($count, 1, $size);
                }
            }
            if (Tail::atLeast($draws, $times)->most < 1 / (self::LEVEL * $positions)) {
                yield new PlacedFinding(Finding::hint(
                    self::CODE,
                    Span::at(0),
                    letter: \chr(65 + min(25, $position)),
                    times: $times,
                    all: $choices,
                ), null);
            }
        }
    }
}
