<?php

declare(strict_types=1);

namespace Notagram\Check;

use Notagram\Finding\Finding;
use Notagram\Finding\Fix;
use Notagram\Finding\Remedy;
use Notagram\Notation\BlockReading;
use Notagram\Notation\Marker;
use Notagram\Notation\Notation;
use Notagram\Notation\ReadSheet;
use Notagram\Notation\SheetOverview;
use Notagram\Question\Question;
use Notagram\Source\Regex;

/** Runs the rules. */
final class Checker
{
    /** What a comment says to switch a kind of finding off where it stands. */
    public const SWITCH_OFF = 'notagram-off ';

    /** @var list<array{string, TextRule}> each with the pattern of what wakes it */
    private array $textRules;
    /** What wakes any of them: nearly all blocks have nothing of it. */
    private string $signsOfText;
    /** @var list<array{int, QuestionRule}> each with the bits of what it needs */
    private array $questionRules;
    /** @var array<int, list<QuestionRule>> those whose needs are met, by the bits of what a question has */
    private array $wokenBy = [];

    /** @var list<SheetRule> */
    private array $sheetRules;
    /** @var list<WholeSheetRule> */
    private array $wholeSheetRules;

    public function __construct()
    {
        $this->sheetRules = Rules::ofSheet();
        $this->wholeSheetRules = Rules::ofWholeSheet();
        $textRules = Rules::ofText();
        $this->textRules = array_map(static fn (TextRule $rule) => ['/'.$rule::SIGNS.'/', $rule], $textRules);
        $this->signsOfText = '/'.implode('|', array_map(static fn (TextRule $rule) => $rule::SIGNS, $textRules)).'/';
        $this->questionRules = array_map(static fn (QuestionRule $rule) => [Need::bitsOf($rule::NEEDS), $rule], Rules::ofQuestion());
    }

    /**
     * What the notation and the rules say of one block, in its own coordinates and in the order of the text.
     *
     * @return list<Finding>
     */
    public function findingsIn(Notation $notation, BlockReading $reading, string $text, SheetWishes $wishes = new SheetWishes()): array
    {
        $findings = $reading->findings;
        if (Regex::match($this->signsOfText, $text)) {
            foreach ($this->textRules as [$signs, $rule]) {
                foreach (Regex::match($signs, $text) ? $rule->check($text) : [] as $finding) {
                    $findings[] = $finding;
                }
            }
        }
        if (null !== $reading->question) {
            foreach ($this->findingsOf($reading->question, $text, $wishes) as $finding) {
                $findings[] = null === $finding->remedy ? $finding : self::remedied($finding, $finding->remedy, $notation->marker(), $reading->question, $text);
            }
        }
        if ([] === $findings) {
            return [];
        }
        $off = [...$reading->switchedOff, ...$wishes->switchedOff];
        $findings = self::withOff(self::withoutWhatWasSaid($findings, $off), $off);
        usort($findings, static fn (Finding $one, Finding $other) => $one->span->start <=> $other->span->start);

        return $findings;
    }

    private static function remedied(Finding $finding, Remedy $remedy, Marker $marker, Question $question, string $text): Finding
    {
        $edits = $marker->remedied($remedy, $question, $text);

        return $finding->remediedBy(null === $edits ? null : new Fix($remedy->label(), $edits, false));
    }

    /** @return list<Finding> */
    private function findingsOf(Question $question, string $text, SheetWishes $wishes): array
    {
        $findings = [];
        $wording = new Wording($question, $wishes->pictures);
        foreach ($this->wokenBy(Need::metBy($wording, $text)) as $rule) {
            foreach ($rule->check($wording) as $finding) {
                $findings[] = $finding;
            }
        }

        return $findings;
    }

    /**
     * @param int $met bits of {@see Need}
     *
     * @return list<QuestionRule>
     */
    private function wokenBy(int $met): array
    {
        return $this->wokenBy[$met] ??= array_column(array_filter($this->questionRules, static fn (array $one) => 0 === ($one[0] & ~$met)), 1);
    }

    /** @return list<Finding> what the sheet shows at a glance */
    public function findingsAtAGlance(SheetOverview $sheet, SheetWishes $wishes): array
    {
        $findings = [];
        foreach ($this->sheetRules as $rule) {
            array_push($findings, ...$rule->check($sheet, $wishes));
        }

        return self::withOff($findings, $wishes->switchedOff);
    }

    /** @return list<PlacedFinding> what only all questions together show, in the order of the rules */
    public function findingsOfWhole(ReadSheet $sheet, SheetWishes $wishes): array
    {
        $placed = [];
        foreach ($this->wholeSheetRules as $rule) {
            foreach ($rule->check($sheet, $wishes) as $found) {
                $here = null === $found->question ? [] : $sheet->numbered($found->question)->reading->switchedOff;
                $isOff = \in_array($found->finding->code, [...$wishes->switchedOff, ...$here], true);
                $placed[] = $isOff ? new PlacedFinding($found->finding->switchedOff(), $found->question) : $found;
            }
        }

        return $placed;
    }

    public function check(ReadSheet $sheet, SheetWishes $wishes = new SheetWishes()): CheckedSheet
    {
        $ofBlocks = [];
        foreach ($sheet->blocks as $placed) {
            $ofBlocks[] = $this->findingsIn($sheet->notation, $placed->reading, $placed->block->textIn($sheet->source->text), $wishes);
        }

        return new CheckedSheet($sheet, $ofBlocks, $this->findingsAtAGlance($sheet->overview(), $wishes), $this->findingsOfWhole($sheet, $wishes));
    }

    /**
     * One slip is told once: what another finding settles is left out. What nobody wants to hear settles nothing.
     *
     * @param list<Finding> $findings
     * @param list<string>  $off      codes
     *
     * @return list<Finding>
     */
    private static function withoutWhatWasSaid(array $findings, array $off): array
    {
        $settled = [];
        foreach ($findings as $finding) {
            if ([] !== $finding->settles && !\in_array($finding->code, $off, true)) {
                array_push($settled, ...$finding->settles);
            }
        }

        return [] === $settled
            ? $findings
            : array_values(array_filter($findings, static fn (Finding $finding) => null === $finding->matter || !\in_array($finding->matter, $settled, true)));
    }

    /**
     * @param list<Finding> $findings
     * @param list<string>  $codes
     *
     * @return list<Finding>
     */
    private static function withOff(array $findings, array $codes): array
    {
        return [] === $codes
            ? $findings
            : array_map(static fn (Finding $finding) => \in_array($finding->code, $codes, true) ? $finding->switchedOff() : $finding, $findings);
    }
}
