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
        foreach ($sheet->blocks as $placed) {
            $question = $placed->reading->question;
            if (null !== $question && ($question->isDraft() || self::isNamed($placed, $wishes))) {
                yield new PlacedFinding(Finding::doubt(self::CODE, $question->stemSpan->shiftedBy($placed->block->start)), $placed->number);
            }
        }
    }

    private static function isNamed(PlacedBlock $placed, SheetWishes $wishes): bool
    {
        foreach ($wishes->drafts as $at) {
            if ($placed->block->start <= $at && $at < $placed->block->end) {
                return true;
            }
        }

        return false;
    }
}
