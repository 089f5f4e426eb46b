<?php

declare(strict_types=1);

namespace App\Reading;

use App\Entity\Sheet;
use App\Repository\GroupRepository;
use App\Repository\Outline;
use App\Repository\SheetOnShelf;
use App\Repository\SheetRepository;
use App\View\ShelfSheetView;
use App\View\ShelfView;
use Notagram\Check\CheckedSheet;
use Notagram\Check\Checker;
use Notagram\Finding\Finding;
use Notagram\Finding\Level;
use Notagram\Notation\BlockKind;
use Notagram\Notation\Notations;
use Notagram\Notation\ReadSheet;

/** The sheets with the state of each question. It is derived once for each text, and remembered with the sheet. */
final readonly class Shelf
{
    public function __construct(private SheetRepository $sheets, private GroupRepository $groups, private Checker $checker)
    {
    }

    public function view(): ShelfView
    {
        $outlines = $this->sheets->outlines();

        return new ShelfView(array_map(GroupViews::of(...), $this->groups->all()), array_map(fn (SheetOnShelf $sheet) => $this->sheet($sheet, $outlines[$sheet->id] ?? null), $this->sheets->onShelf()));
    }

    private function sheet(SheetOnShelf $sheet, ?Outline $outline): ShelfSheetView
    {
        $key = $sheet->outlineKey();
        if ($outline?->key !== $key) {
            $outline = $this->outline($this->sheets->find($sheet->id) ?? throw new \LogicException('A sheet left the shelf while it was read.'), $key);
            $this->sheets->rememberOutline($sheet->id, $outline);
        }

        return new ShelfSheetView(
            $sheet->id,
            $sheet->title,
            $sheet->notation,
            $sheet->changedAt->format(\DATE_ATOM),
            $outline->states,
            \strlen($outline->states),
            substr_count($outline->states, 's') + substr_count($outline->states, 'h') + substr_count($outline->states, 'd'),
            $sheet->expectedQuestions,
            $outline->unmarked,
            $sheet->awaitsTidying && true === Notations::find($sheet->notation)?->isPrinted(),
            $sheet->group,
        );
    }

    /** One letter for each question: sound, hint, doubt, fault, broken. */
    private function outline(Sheet $sheet, string $key): Outline
    {
        $states = '';
        $unmarked = 0;
        $read = ReadSheet::of($sheet->source(), $sheet->notation());
        $wishes = $sheet->wishes();
        $isRecognised = CheckedSheet::isRecognised($this->checker->findingsAtAGlance($read->overview(), $wishes));
        foreach ($read->blocks as $placed) {
            if (null !== $placed->number) {
                $states .= BlockKind::Broken === $placed->reading->kind
                    ? 'b'
                    : (!$isRecognised ? 'f' : $this->letter($this->checker->findingsIn($sheet->notation(), $placed->reading, $placed->block->textIn($sheet->text()), $wishes)));
                $unmarked += $isRecognised && false === $placed->reading->question?->isMarked() ? 1 : 0;
            }
        }

        return new Outline($key, $states, $unmarked);
    }

    /** @param list<Finding> $findings */
    private function letter(array $findings): string
    {
        $levels = array_map(static fn (Finding $finding) => $finding->level, array_filter($findings, static fn (Finding $finding) => !$finding->isOff));

        return match (true) {
            \in_array(Level::Fault, $levels, true) => 'f',
            \in_array(Level::Doubt, $levels, true) => 'd',
            \in_array(Level::Hint, $levels, true) => 'h',
            default => 's',
        };
    }
}
