<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy\Step;

use Notagram\Intake\Tidy\Answering;
use Notagram\Intake\Tidy\Draft;
use Notagram\Intake\Tidy\DraftQuestion;
use Notagram\Intake\Tidy\TidyStep;
use Notagram\Notation\PaperWords;
use Notagram\Notation\Printed\Label;
use Notagram\Notation\Printed\Lexer;
use Notagram\Source\Regex;

/** Marks the answers that stand in brackets behind the stems: “Bees hibernate. (F)”, “The queen mates with (c)”. */
final readonly class AnswersInBrackets implements TidyStep
{
    public function name(): string
    {
        return 'answers-in-brackets';
    }

    public function apply(Draft $draft): void
    {
        $found = [];
        foreach ($draft->questions as $question) {
            $answer = $this->answerOf($question);
            if (null !== $answer) {
                $found[] = [$question, ...$answer];
            }
        }
        // One alone may be a sign, such as of a temperature (T).
        foreach ($found as [$question, $answer, $stem, $isLabelled]) {
            if (($isLabelled || \count($found) > 1) && $draft->edit($question->last(), $stem)) {
                Answering::mark($draft, $question, $answer);
            }
        }
    }

    /** @return ?array{string, string, bool} the answer, the last line of the stem without it, and whether a label says that it is one */
    private function answerOf(DraftQuestion $question): ?array
    {
        $words = PaperWords::all();
        $line = $question->last()->body;
        if ((!$question->isBare() && [] === $question->options) || !Regex::match('~^(.*\S)\s*+[(\[]\s*+([^()\[\]]{1,60})\s*+[)\]]\s*\z~u', $line, $match)) {
            return null;
        }
        $inside = trim($match[2]);
        if (Regex::match('~^'.$words->pointsPattern().'\z~iu', "({$inside})")) {
            return null;
        }
        $label = Lexer::label($inside);
        if (null !== $label && Label::Answer === $label->label) {
            return Answering::fits($question, $label->rest) ? [$label->rest, $match[1], true] : null;
        }
        if (Regex::match("~^(?:[A-Z]|{$words->true}|{$words->false})\\z~iu", $inside)) {
            $isTruth = null !== $words->truth($inside);
            if ([] === $question->options ? $isTruth : Answering::fits($question, $inside)) {
                return [$inside, $match[1], false];
            }
        }

        if ([] === $question->options && $question->isBare() && str_ends_with($match[1], '?') && \strlen($inside) <= 40 && !Regex::match('/^\d{1,2}\z|_|[?!:]/', $inside) && !$words->instructs($inside)) {
            return [$inside, $match[1], false];
        }

        // “The Danube flows into the ____ Sea. (Black)”
        return [] === $question->options && $question->hasBlank() && Regex::match('/[.!?]\z/', $match[1]) && !Regex::match('/^\d++\z|_/', $inside) ? [$inside, $match[1], false] : null;
    }
}
