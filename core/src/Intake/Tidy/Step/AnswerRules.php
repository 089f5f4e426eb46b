<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy\Step;

use Notagram\Intake\Tidy\Draft;
use Notagram\Intake\Tidy\KeyMarks;
use Notagram\Intake\Tidy\PaperQuestion;
use Notagram\Intake\Tidy\QuestionStart;
use Notagram\Intake\Tidy\TidyStep;
use Notagram\Source\Regex;

/** Takes off the rule on which pupils write a letter; where one was filled in, its answer is marked. */
final readonly class AnswerRules implements TidyStep
{
    public function name(): string
    {
        return 'answer-rules';
    }

    public function label(): string
    {
        return 'Rules for the answer';
    }

    public function apply(Draft $draft): void
    {
        foreach (array_reverse($draft->scan()->questions) as $question) {
            $this->behindStatement($draft, $question);
            $line = $draft->line($question->start);
            $start = QuestionStart::in($line);
            if (null === $start) {
                continue;
            }
            $stem = $start->text;
            // After the number, a rule that more words than one follow is no gap, unless the question has nothing else.
            if ([] !== $question->options || [] !== $question->truths || 'true-false' === $question->kind) {
                $stem = Regex::replace('/^(?:_{2,}+|\(\s*\)|\[\s*\]|\.{3,}+|…++)[ \t]*+(?=\S+\s)/u', '', $stem);
            }
            if (('' === $start->rule && $stem === $start->text) || !$draft->edit($question->start, rtrim($start->label).' '.ltrim($stem))) {
                continue;
            }
            if (null !== $start->filled) {
                KeyMarks::mark($draft, $question, $start->filled);
            }
        }
    }

    /** “A drone has no sting.  ______” under “True or false”. */
    private function behindStatement(Draft $draft, PaperQuestion $question): void
    {
        if ('true-false' !== $question->kind || !$question->isBare()) {
            return;
        }
        $last = $question->stem[\count($question->stem) - 1];
        $line = $draft->line($last);
        $statement = Regex::replace('/(?<=[.!?…])\s*+_{3,}\s*\z|\s{2,}+_{3,}\s*\z/u', '', $line);
        if ($statement !== $line) {
            $draft->edit($last, $statement);
        }
    }
}
