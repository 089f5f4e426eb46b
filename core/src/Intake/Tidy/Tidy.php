<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy;

/** Makes a Starred list of an old test, step by step. */
final class Tidy
{
    /** @return list<TidyStep> in the order in which they are taken */
    public static function steps(): array
    {
        return [
            new Step\HiddenCharacters(),
            new Step\PageMarks(),
            new Step\NameLines(),
            new Step\Titles(),
            new Step\TrueFalseColumns(),
            new Step\OptionColumns(),
            new Step\MatchingLists(),
            new Step\OptionLetters(),
            new Step\WrappedLines(),
            new Step\AnswerRules(),
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

    public static function of(string $text, Refusals $refusals = new Refusals()): Tidied
    {
        $draft = new Draft($text, $refusals);
        $reports = [];
        foreach (self::steps() as $step) {
            $draft->begin($step->name());
            $step->apply($draft);
            if ([] !== $draft->changesOf($step->name()) || [] !== $draft->refusedOf($step->name())) {
                $reports[] = new StepReport($step->name(), $step->label(), $draft->changesOf($step->name()), $draft->refusedOf($step->name()));
            }
        }

        return new Tidied($draft->text(), $reports, $draft->title, $draft->becameOf());
    }
}
