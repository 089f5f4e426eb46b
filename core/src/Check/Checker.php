<?php

declare(strict_types=1);

namespace Notagram\Check;

use Notagram\Finding\Finding;
use Notagram\Notation\BlockReading;
use Notagram\Notation\ReadSheet;
use Notagram\Notation\SheetOverview;

/** Runs the rules. */
final readonly class Checker
{
    /** Where a notation has said already that a question lacks its answer, the rule for all notations is silent. */
    private const SAYS_ANSWER_IS_LACKING = ['aiken.answer-missing', 'aiken.answer-unknown-letter', 'aiken.too-few-options'];

    /** @var list<TextRule> */
    private array $textRules;
    /** @var list<QuestionRule> */
    private array $questionRules;
    /** @var list<SheetRule> */
    private array $sheetRules;

    public function __construct()
    {
        $this->textRules = Rules::ofText();
        $this->questionRules = Rules::ofQuestion();
        $this->sheetRules = Rules::ofSheet();
    }

    /**
     * What the notation and the rules say of one block, in its own coordinates and in the order of the text.
     *
     * @return list<Finding>
     */
    public function findingsIn(BlockReading $reading, string $text): array
    {
        $findings = $reading->findings;
        foreach ($this->textRules as $rule) {
            foreach ($rule->check($text) as $finding) {
                $findings[] = $finding;
            }
        }
        if (null !== $reading->question) {
            foreach ($this->questionRules as $rule) {
                foreach ($rule->check($reading->question) as $finding) {
                    $findings[] = $finding;
                }
            }
        }
        if ([] === $findings) {
            return [];
        }
        $findings = $this->withoutWhatWasSaid($findings, $reading);
        usort($findings, static fn (Finding $one, Finding $other) => $one->span->start <=> $other->span->start);

        return $findings;
    }

    /** @return list<Finding> */
    public function findingsOfSheet(SheetOverview $sheet, SheetWishes $wishes): array
    {
        $findings = [];
        foreach ($this->sheetRules as $rule) {
            array_push($findings, ...$rule->check($sheet, $wishes));
        }

        return $findings;
    }

    public function check(ReadSheet $sheet, SheetWishes $wishes = new SheetWishes()): CheckedSheet
    {
        $ofBlocks = [];
        foreach ($sheet->blocks as $placed) {
            $ofBlocks[] = $this->findingsIn($placed->reading, $placed->block->textIn($sheet->source->text));
        }

        return new CheckedSheet($sheet, $ofBlocks, $this->findingsOfSheet($sheet->overview(), $wishes));
    }

    /**
     * @param list<Finding> $findings
     *
     * @return list<Finding>
     */
    private function withoutWhatWasSaid(array $findings, BlockReading $reading): array
    {
        $silent = $reading->switchedOff;
        foreach ($findings as $finding) {
            if (\in_array($finding->code, self::SAYS_ANSWER_IS_LACKING, true)) {
                $silent[] = Rule\NoRightAnswer::CODE;
            }
        }

        return [] === $silent
            ? $findings
            : array_values(array_filter($findings, static fn (Finding $finding) => !\in_array($finding->code, $silent, true)));
    }
}
