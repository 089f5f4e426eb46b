<?php

declare(strict_types=1);

namespace Notagram\Check;

use Notagram\Check\Rule\Sheet\NothingRecognised;
use Notagram\Finding\Finding;
use Notagram\Finding\Level;
use Notagram\Notation\BlockKind;
use Notagram\Notation\ReadSheet;

/** A sheet with everything the check has to say about it. */
final readonly class CheckedSheet
{
    /**
     * @param list<list<Finding>> $ofBlocks  one list for each block of the sheet, in the block's coordinates
     * @param list<Finding>       $atAGlance what concerns the whole
     * @param list<PlacedFinding> $ofWhole   what only all questions together show
     */
    public function __construct(public ReadSheet $sheet, public array $ofBlocks, public array $atAGlance, public array $ofWhole)
    {
    }

    /**
     * Everything found, in the sheet's coordinates: what concerns the whole first, then in the order of the text.
     *
     * @return list<PlacedFinding>
     */
    public function findings(): array
    {
        return array_values(array_filter($this->all(), static fn (PlacedFinding $placed) => !$placed->finding->isOff));
    }

    public function summary(): Summary
    {
        $questions = $broken = $sound = $off = 0;
        $isRecognised = self::isRecognised($this->atAGlance);
        foreach ($this->sheet->blocks as $index => $placed) {
            $isQuestion = BlockKind::Question === $placed->reading->kind;
            $questions += $isQuestion ? 1 : 0;
            $broken += BlockKind::Broken === $placed->reading->kind ? 1 : 0;
            $sound += $isRecognised && $isQuestion && !self::hasFault($this->ofBlocks[$index]) ? 1 : 0;
        }
        $levels = [Level::Fault->value => 0, Level::Doubt->value => 0, Level::Hint->value => 0];
        foreach ($this->all() as $placed) {
            if ($placed->finding->isOff) {
                ++$off;
            } else {
                ++$levels[$placed->finding->level->value];
            }
        }

        return new Summary($questions, $broken, $sound, $levels[Level::Fault->value], $levels[Level::Doubt->value], $levels[Level::Hint->value], $off);
    }

    /**
     * Whether it is a list of questions at all. What is none has no sound question.
     *
     * @param list<Finding> $atAGlance
     */
    public static function isRecognised(array $atAGlance): bool
    {
        return [] === array_filter($atAGlance, static fn (Finding $finding) => NothingRecognised::CODE === $finding->code && !$finding->isOff);
    }

    /** @param list<Finding> $findings */
    public static function hasFault(array $findings): bool
    {
        foreach ($findings as $finding) {
            if (Level::Fault === $finding->level && !$finding->isOff) {
                return true;
            }
        }

        return false;
    }

    /** @return list<PlacedFinding> */
    private function all(): array
    {
        $placed = array_map(static fn (Finding $finding) => new PlacedFinding($finding, null), $this->atAGlance);
        $ofQuestions = [];
        foreach ($this->ofWhole as $found) {
            if (null === $found->question) {
                $placed[] = $found;
            } else {
                $ofQuestions[$found->question][] = $found;
            }
        }
        foreach ($this->sheet->blocks as $index => $block) {
            $own = array_values(array_filter($this->ofBlocks[$index], static fn (Finding $finding) => !$finding->isEcho));
            $here = array_map(static fn (Finding $finding) => new PlacedFinding($finding->shiftedBy($block->block->start), $block->number), $own);
            $more = null === $block->number ? [] : $ofQuestions[$block->number] ?? [];
            if ([] !== $more) {
                array_push($here, ...$more);
                usort($here, static fn (PlacedFinding $one, PlacedFinding $other) => $one->finding->span->start <=> $other->finding->span->start);
            }
            foreach ($here as $found) {
                $placed[] = $found;
            }
        }

        return $placed;
    }
}
