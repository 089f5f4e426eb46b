<?php

declare(strict_types=1);

namespace Notagram\Check\Rule\Sheet;

use Notagram\Check\SheetRule;
use Notagram\Check\SheetWishes;
use Notagram\Finding\Finding;
use Notagram\Notation\SheetOverview;
use Notagram\Notation\TextKind;
use Notagram\Source\Span;

/** Faults a text that is no list of questions: each notation would take it for a text without an answer, and call it sound. */
final readonly class NothingRecognised implements SheetRule
{
    public const CODE = 'sheet.nothing-recognised';

    public function check(SheetOverview $sheet, SheetWishes $wishes): iterable
    {
        $kind = 0 === $sheet->questions ? null : TextKind::of($sheet->source->text);
        if (null === $kind) {
            return;
        }
        yield Finding::fault(self::CODE, Span::at(0), case: match ($kind) {
            TextKind::Table => 'table',
            TextKind::TermList => 'terms',
            TextKind::Structured => 'structured',
            TextKind::Prose => '',
        });
    }
}
