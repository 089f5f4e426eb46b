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
                $found[] = $answer;
            }
        }
        // One alone may be a sign, such as of a temperature (T).
        foreach ($found as $answer) {
            if (($answer->isLabelled || \count($found) > 1) && $draft->edit($answer->question->last(), $answer->stem)) {
                Answering::mark($draft, $answer->question, $answer->text);
            }
        }
    }

    private function answerOf(DraftQuestion $question): ?BracketedAnswer
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
            return Answering::fits($question, $label->rest) ? new BracketedAnswer($question, $label->rest, $match[1], true) : null;
        }
        if (Regex::match("~^(?:[A-Z]|{$words->true}|{$words->false})\\z~iu", $inside)) {
            $isTruth = null !== $words->truth($inside);
            if ([] === $question->options ? $isTruth : Answering::fits($question, $inside)) {
                return new BracketedAnswer($question, $inside, $match[1]);
            }
        }

        if ([] === $question->options && $question->isBare() && str_ends_with($match[1], '?') && \strlen($inside) <= 40 && !Regex::match('/^\d{1,2}\z|_|[?!:]/', $inside) && !$words->instructs($inside)) {
            return new BracketedAnswer($question, $inside, $match[1]);
        }

        // “The Danube flows into the ____ Sea. (Black)”
        return [] === $question->options && $question->hasBlank() && Regex::match('/[.!?]\z/', $match[1]) && !Regex::match('/^\d++\z|_/', $inside) ? new BracketedAnswer($question, $inside, $match[1]) : null;
    }
}
