<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy;

/** Makes a Starred list of an old test, step by step. */
final class Tidy
{
    private const MOST_ROUNDS = 6;
    /** Bytes; some two hundred questions. */
    private const LOOK = 30_000;

    /** @return list<TidyStep> in the order in which they are taken */
    public static function steps(): array
    {
        return [
            new Step\HiddenCharacters(),
            new Step\MarkdownSigns(),
            new Step\PageMarks(),
            new Step\NameLines(),
            new Step\Titles(),
            new Step\SubNumbers(),
            new Step\OtherSigns(),
            new Step\RunOnQuestions(),
            new Step\AnswerLines(),
            new Step\RomanLetters(),
            new Step\TrueFalseColumns(),
            new Step\OptionColumns(),
            new Step\MatchingLists(),
            new Step\OptionLetters(),
            new Step\MarksBehind(),
            new Step\WrappedLines(),
            new Step\AnswerRules(),
            new Step\AnswersInBrackets(),
            new Step\WritingLines(),
            new Step\PrintedBlanks(),
            new Step\BracketedPoints(),
            new Step\AnswerKey(),
            new Step\Numbers(),
            new Step\Sections(),
            new Step\Blanks(),
            new Step\BlankLines(),
        ];
    }

    /** Whether there is anything to tidy, by a look at the start of the text: long ones need not be tidied to know. */
    public static function isNeededFor(string $text): bool
    {
        return [] !== self::of(\strlen($text) > self::LOOK ? substr($text, 0, strcspn($text, "\n", self::LOOK) + self::LOOK) : $text)->steps;
    }

    public static function of(string $text, Refusals $refusals = new Refusals()): Tidied
    {
        $draft = new Draft($text, $refusals);
        $steps = self::steps();
        // What one step uncovers for an earlier one is taken in the next round; nearly always there is nothing.
        $round = 0;
        do {
            $before = $draft->countOfChanges();
            foreach ($steps as $step) {
                $draft->begin($step->name());
                $step->apply($draft);
            }
        } while ($draft->countOfChanges() > $before && ++$round < self::MOST_ROUNDS);
        $reports = [];
        foreach ($steps as $step) {
            if ([] !== $draft->changesOf($step->name()) || [] !== $draft->refusedOf($step->name())) {
                $reports[] = new StepReport($step->name(), $step->label(), $draft->changesOf($step->name()), $draft->refusedOf($step->name()));
            }
        }

        return new Tidied($draft->text(), $reports, $draft->title, $draft->becameOf(), $draft->origins());
    }
}
