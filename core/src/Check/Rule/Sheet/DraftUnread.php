<?php

declare(strict_types=1);

namespace Notagram\Check\Rule\Sheet;

use Notagram\Check\PlacedFinding;
use Notagram\Check\SheetWishes;
use Notagram\Check\WholeSheetRule;
use Notagram\Finding\Finding;
use Notagram\Notation\PlacedBlock;
use Notagram\Notation\ReadSheet;

/** Doubts a draft until a person has read it. Nothing mends it: that would be reading unread. */
final readonly class DraftUnread implements WholeSheetRule
{
    public const CODE = 'draft.unread';

    public function check(ReadSheet $sheet, SheetWishes $wishes): iterable
    {
        foreach (self::in($sheet, $wishes->drafts) as $placed) {
            if (null !== $placed->reading->question) {
                yield new PlacedFinding(Finding::doubt(self::CODE, $placed->reading->question->stemSpan->shiftedBy($placed->block->start)), $placed->number);
            }
        }
    }

    /**
     * @param list<int> $starts bytes at which questions that nobody has read begin, besides those that say so themselves
     *
     * @return list<PlacedBlock> the questions that nobody has read
     */
    public static function in(ReadSheet $sheet, array $starts): array
    {
        sort($starts);
        $unread = [];
        $next = 0;
        foreach ($sheet->blocks as $placed) {
            while (isset($starts[$next]) && $starts[$next] < $placed->block->start) {
                ++$next;
            }
            $isNamed = isset($starts[$next]) && $starts[$next] < $placed->block->end;
            if (null !== $placed->reading->question && ($isNamed || $placed->reading->question->isDraft())) {
                $unread[] = $placed;
            }
        }

        return $unread;
    }
}
