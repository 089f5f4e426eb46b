<?php

declare(strict_types=1);

namespace Notagram\Check\Rule\Marking;

use Notagram\Check\PlacedFinding;
use Notagram\Check\SheetWishes;
use Notagram\Check\WholeSheetRule;
use Notagram\Finding\Finding;
use Notagram\Notation\BlockKind;
use Notagram\Notation\Key\KeyMarking;
use Notagram\Notation\Key\KeyText;
use Notagram\Notation\PlacedBlock;
use Notagram\Notation\ReadSheet;

/** Doubts what the key list at the end says of a question that is not there, or that has no such answer. */
final readonly class KeyUnused implements WholeSheetRule
{
    public const CODE = 'marking.key-unused';

    public function check(ReadSheet $sheet, SheetWishes $wishes): iterable
    {
        $last = array_values(array_filter($sheet->blocks, static fn (PlacedBlock $placed) => BlockKind::Blank !== $placed->reading->kind));
        $last = $last[\count($last) - 1] ?? null;
        if (null === $last || BlockKind::Comment !== $last->reading->kind) {
            return;
        }
        $text = $last->block->textIn($sheet->source->text);
        $spans = KeyText::in($text)?->spans();
        if (null === $spans) {
            // Which part an entry belongs to is between the list and the headings.
            return;
        }
        foreach (KeyMarking::of($sheet, $text)->misfits as $misfit) {
            yield new PlacedFinding(Finding::doubt(
                self::CODE,
                $spans[$misfit->place]->shiftedBy($last->block->start),
                null,
                null === $misfit->number ? 'question' : '',
                number: $misfit->number ?? $misfit->entry->number ?? $misfit->place + 1,
                answer: $misfit->entry->answer,
            ), null);
        }
    }
}
