<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy\Step;

use Notagram\Intake\Tidy\Draft;
use Notagram\Intake\Tidy\KeyMarks;
use Notagram\Intake\Tidy\PaperQuestion;
use Notagram\Intake\Tidy\TidyStep;
use Notagram\Notation\PaperWords;
use Notagram\Source\Regex;

/** Marks the answers that stand in brackets behind the stems: “Bees hibernate. (F)”, “The queen mates with (c)”. */
final readonly class AnswersInBrackets implements TidyStep
{
    public function name(): string
    {
        return 'answers-in-brackets';
    }

    public function label(): string
    {
        return 'Answers in brackets';
    }

    public function apply(Draft $draft): void
    {
        $found = [];
        foreach ($draft->scan()->questions as $question) {
            $answer = self::answerOf($draft, $question);
            if (null !== $answer) {
                $found[] = [$question, ...$answer];
            }
        }
        // One alone may be a sign, such as of a temperature (T).
        if (\count($found) < 2) {
            return;
        }
        foreach (array_reverse($found) as [$question, $answer, $stem]) {
            $last = $question->stem[\count($question->stem) - 1];
            if ($draft->edit($last, $stem)) {
                KeyMarks::mark($draft, $question, $answer);
            }
        }
    }

    /** @return ?array{string, string} the answer, and the last line of the stem without it */
    private static function answerOf(Draft $draft, PaperQuestion $question): ?array
    {
        $words = PaperWords::all();
        $line = $draft->line($question->stem[\count($question->stem) - 1]);
        if ((!$question->isBare() && [] === $question->options) || !Regex::match("~^(.*\\S)\\s*+[(\\[]\\s*+([A-Z]|{$words->true}|{$words->false})\\s*+[)\\]]\\s*\\z~iu", $line, $match)) {
            return null;
        }
        $isTruth = null !== $words->truth($match[2]);
        if ([] === $question->options ? !$isTruth : !KeyMarks::fits($draft, $question, $match[2])) {
            return null;
        }

        return [$match[2], $match[1]];
    }
}
