<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy\Step;

use Notagram\Intake\Tidy\Answering;
use Notagram\Intake\Tidy\Draft;
use Notagram\Intake\Tidy\DraftQuestion;
use Notagram\Intake\Tidy\TidyStep;
use Notagram\Notation\Printed\Lexer;
use Notagram\Source\Regex;

/** Takes off the rule on which pupils write a letter; where one was filled in, its answer is marked. */
final readonly class AnswerRules implements TidyStep
{
    public function name(): string
    {
        return 'answer-rules';
    }

    public function apply(Draft $draft): void
    {
        foreach ($draft->questions as $question) {
            $this->behindStatement($draft, $question);
            $first = $question->first();
            if (null !== $question->paper->first()->option && 'rule' === $question->paper->first()->option->style) {
                // A statement with nothing but its bracket before it.
                $filled = trim($first->mark, " \t()[]_");
                if ($draft->edit($first, mark: '') && '' !== $filled) {
                    Answering::mark($draft, $question, $filled);
                }
                continue;
            }
            $rule = trim($first->lead);
            if ('' !== $rule && !$first->isWhole && $draft->edit($first, lead: '')) {
                if (Regex::match('/^(?:_++\s*+([A-Za-z](?:\s*+[,&]\s*+[A-Za-z])*+)\s*+_++|[(\[]\s*+([A-Za-z])\s*+[)\]]|([A-Za-z]))\z/', $rule, $match)) {
                    Answering::mark($draft, $question, trim($match[1].($match[2] ?? '').($match[3] ?? '')));
                }
                continue;
            }
            // After the number, a rule is no gap, where the sentence begins behind it.
            if ([] !== $question->options || [] !== $question->truths || 'true-false' === $question->kind()) {
                $body = Regex::replace('/^(?:_{2,}+|\(\s*\)|\[\s*\]|\.{3,}+|…++)[ \t]*+(?=[^\p{Ll}\s]\S*+\s)/u', '', $first->body);
                if ('true-false' === $question->kind() && Regex::match('/^(?:_++\s*+([A-Za-z])\s*+_++|[(\[]\s*+([A-Za-z])\s*+[)\]])\s++(?=\S)/', $first->body, $match)) {
                    if ($draft->edit($first, substr($first->body, \strlen($match[0])))) {
                        Answering::mark($draft, $question, trim($match[1].($match[2] ?? '')));
                    }
                } elseif ($body !== $first->body) {
                    $draft->edit($first, $body);
                }
            }
        }
    }

    /** “A drone has no sting.  ______” under “True or false”. */
    private function behindStatement(Draft $draft, DraftQuestion $question): void
    {
        if ('true-false' !== $question->kind() || !$question->isBare()) {
            return;
        }
        $last = $question->last();
        $tail = Lexer::tail(rtrim($last->body));
        if (Regex::match('/(?<=[.!?…])\s*+_{3,}\z|\s{2,}+_{3,}\z/u', $tail, $match)) {
            $draft->edit($last, substr(rtrim($last->body), 0, -\strlen($match[0])));
        }
    }
}
