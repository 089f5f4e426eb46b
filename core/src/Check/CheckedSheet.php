<?php

declare(strict_types=1);

namespace Notagram\Check;

use Notagram\Finding\Finding;
use Notagram\Finding\Level;
use Notagram\Notation\BlockKind;
use Notagram\Notation\ReadSheet;

/** A sheet with everything the check has to say about it. */
final readonly class CheckedSheet
{
    /**
     * @param list<list<Finding>> $ofBlocks one list for each block of the sheet, in the block's coordinates
     * @param list<Finding>       $ofSheet  what concerns the whole
     */
    public function __construct(public ReadSheet $sheet, public array $ofBlocks, public array $ofSheet)
    {
    }

    /**
     * Everything found, in the sheet's coordinates: what concerns the whole first, then in the order of the text.
     *
     * @return list<PlacedFinding>
     */
    public function findings(): array
    {
        $placed = array_map(static fn (Finding $finding) => new PlacedFinding($finding, null), $this->ofSheet);
        foreach ($this->sheet->blocks as $index => $block) {
            foreach ($this->ofBlocks[$index] as $finding) {
                $placed[] = new PlacedFinding($finding->shiftedBy($block->block->start), $block->number);
            }
        }

        return $placed;
    }

    public function summary(): Summary
    {
        $questions = $broken = $sound = 0;
        foreach ($this->sheet->blocks as $index => $placed) {
            $isQuestion = BlockKind::Question === $placed->reading->kind;
            $questions += $isQuestion ? 1 : 0;
            $broken += BlockKind::Broken === $placed->reading->kind ? 1 : 0;
            $sound += $isQuestion && !self::hasFault($this->ofBlocks[$index]) ? 1 : 0;
        }
        $levels = array_count_values(array_map(static fn (PlacedFinding $placed) => $placed->finding->level->value, $this->findings()));

        return new Summary($questions, $broken, $sound, $levels[Level::Fault->value] ?? 0, $levels[Level::Doubt->value] ?? 0, $levels[Level::Hint->value] ?? 0);
    }

    /** @param list<Finding> $findings */
    public static function hasFault(array $findings): bool
    {
        foreach ($findings as $finding) {
            if (Level::Fault === $finding->level) {
                return true;
            }
        }

        return false;
    }
}
