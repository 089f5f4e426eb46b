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
        [$message, $advice] = match ($kind) {
            TextKind::Table => ['No questions were recognised. This looks like a table.', 'Copy the questions out of it, each with its options on lines of their own.'],
            TextKind::TermList => ['No questions were recognised. This looks like a list of terms.', 'Write a question for each term, or ask for the term with a blank.'],
            TextKind::Structured => ['No questions were recognised. This looks like a file that a program wrote for another program.', 'Save the questions as plain text there, and bring that in.'],
            TextKind::Prose => ['No questions were recognised in this text.', 'Choose the notation it is written in, or begin with an example.'],
        };
        yield Finding::fault(self::CODE, Span::at(0), $message, $advice);
    }
}
