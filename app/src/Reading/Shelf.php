<?php

declare(strict_types=1);

namespace App\Reading;

use App\Entity\Sheet;
use App\Repository\SheetOnShelf;
use App\Repository\SheetRepository;
use App\View\ShelfSheetView;
use App\View\ShelfView;
use Notagram\Check\CheckedSheet;
use Notagram\Check\Checker;
use Notagram\Finding\Finding;
use Notagram\Finding\Level;
use Notagram\Notation\BlockKind;
use Notagram\Notation\ReadSheet;

/** The sheets with the state of each question. It is derived once for each text, and remembered with the sheet. */
final readonly class Shelf
{
    public function __construct(private SheetRepository $sheets, private Checker $checker)
    {
    }

    public function view(): ShelfView
    {
        $outlines = $this->sheets->outlines();

        return new ShelfView(array_map(fn (SheetOnShelf $sheet) => $this->sheet($sheet, $outlines[$sheet->id] ?? null), $this->sheets->onShelf()));
    }

    /** @param ?array{key: string, states: string} $outline */
    private function sheet(SheetOnShelf $sheet, ?array $outline): ShelfSheetView
    {
        $key = $sheet->outlineKey();
        $states = $outline['states'] ?? '';
        if (null === $outline || $outline['key'] !== $key) {
            $states = $this->states($this->sheets->find($sheet->id) ?? throw new \LogicException('A sheet left the shelf while it was read.'));
            $this->sheets->rememberOutline($sheet->id, $key, $states);
        }

        return new ShelfSheetView(
            $sheet->id,
            $sheet->title,
            $sheet->notation,
            $sheet->changedAt->format(\DATE_ATOM),
            $states,
            \strlen($states),
            substr_count($states, 's') + substr_count($states, 'h') + substr_count($states, 'd'),
            $sheet->expectedQuestions,
        );
    }

    /** One letter for each question: sound, hint, doubt, fault, broken. */
    private function states(Sheet $sheet): string
    {
        $states = '';
        $read = ReadSheet::of($sheet->source(), $sheet->notation());
        $isRecognised = CheckedSheet::isRecognised($this->checker->findingsAtAGlance($read->overview(), $sheet->wishes()));
        foreach ($read->blocks as $placed) {
            if (null !== $placed->number) {
                $states .= BlockKind::Broken === $placed->reading->kind
                    ? 'b'
                    : (!$isRecognised ? 'f' : $this->letter($this->checker->findingsIn($sheet->notation(), $placed->reading, $placed->block->textIn($sheet->text()), $sheet->switchedOff())));
            }
        }

        return $states;
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
