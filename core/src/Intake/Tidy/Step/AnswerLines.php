<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy\Step;

use Notagram\Intake\Tidy\Answering;
use Notagram\Intake\Tidy\Draft;
use Notagram\Intake\Tidy\DraftLine;
use Notagram\Intake\Tidy\DraftOption;
use Notagram\Intake\Tidy\DraftQuestion;
use Notagram\Intake\Tidy\TidyStep;
use Notagram\Notation\Key\KeyAnswer;
use Notagram\Notation\PaperWords;
use Notagram\Notation\Printed\Label;
use Notagram\Notation\Printed\Lexer;
use Notagram\Notation\Printed\Role;
use Notagram\Source\Regex;

/** Writes “Ans. (b)” under a question as “Answer: b”. One with a rule instead of an answer is a line to write on. */
final readonly class AnswerLines implements TidyStep
{
    /** A rule of this width takes a sentence, not a word. */
    private const WIDE = 30;

    public function name(): string
    {
        return 'answer-lines';
    }

    public function apply(Draft $draft): void
    {
        foreach ($draft->questions as $question) {
            foreach ($question->answers as $line) {
                $label = Lexer::label(trim($line->body));
                if (null === $label && $line->isInner && !$line->isGone) {
                    // The cell of a table.
                    $draft->edit($line, 'Answer: '.trim($line->body), '', '');
                    $label = Lexer::label($line->body);
                }
                if (null === $label || $line->isGone) {
                    continue;
                }
                $this->behindIt($draft, $question, $line);
                $label = Lexer::label(trim($line->body)) ?? $label;
                $answer = trim($label->rest, " \t");
                if (Regex::match('/^[_.…][_.…\s]{2,}+\z/u', $answer)) {
                    $isWide = mb_strlen($answer, 'UTF-8') >= self::WIDE;
                    if ($draft->edit($line, $isWide ? $answer : 'Answer:') && $isWide) {
                        $line->role = Role::WritingLine;
                        $question->writingLines[] = $line;
                    }
                    continue;
                }
                $answer = $this->remarkApart($draft, $question, $line, $this->plain($question, $answer));
                // A label that a Starred list knows may stay.
                if ($answer !== trim($label->rest) || !Regex::match('~^(?:'.PaperWords::all()->answer.')[ \t]*+:[ \t]*+\z~iu', $label->written)) {
                    $draft->edit($line, 'Answer: '.$answer);
                }
            }
            $question->answers = array_values(array_filter($question->answers, static fn (DraftLine $line) => Role::WritingLine !== $line->role));
        }
    }

    /** Other labels on the same line: points, bookkeeping. */
    private function behindIt(Draft $draft, DraftQuestion $question, DraftLine $line): void
    {
        while (Regex::match('/^(.*\S)(?:\s{2,}|\t|\s*[;|]\s*)(\p{L}[\p{L} ]{1,25}:\s*+[^:]*)\z/u', $line->body, $match) && null !== ($label = Lexer::label($match[2])) && Label::Answer !== $label->label) {
            if (!$draft->edit($line, $match[1])) {
                return;
            }
            if (Label::Points === $label->label && Regex::match('/\d++/', $label->rest, $number) && !BracketedPoints::hasPoints($question)) {
                $draft->edit($question->first(), BracketedPoints::written($number[0]).' '.ltrim($question->first()->body));
            } elseif (Label::Explanation === $label->label) {
                $question->explanation = Answering::with($question->explanation, $draft->putIn($line, $match[2], Role::Explanation));
            }
        }
    }

    /** “Answer: B. She may live five years.” */
    private function remarkApart(Draft $draft, DraftQuestion $question, DraftLine $line, string $answer): string
    {
        if ([] === $question->options) {
            [$word, $remark] = KeyAnswer::sentenceApart($answer);

            return null === $remark ? $answer : $this->explained($draft, $question, $line, $answer, $word, $remark);
        }
        if (null !== KeyAnswer::options($answer, [], array_map(static fn (DraftOption $option) => trim($option->line->body), $question->options))
            || !Regex::match('~^\(?([A-Za-z])[.)]?(?:\s*+[-–—:(]\s*+|(?<=[.)])\s++)(\p{Lu}[^()]*\s[^()]*[.!?])\)?\z~u', $answer, $match)) {
            return $answer;
        }
        $texts = array_map(static fn (DraftOption $option) => mb_strtolower(trim($option->line->body, ' .')), $question->options);
        if (\in_array(mb_strtolower(rtrim($match[2], '.')), $texts, true)) {
            return $answer;
        }

        return $this->explained($draft, $question, $line, $answer, $match[1], $match[2]);
    }

    /** @return string the answer without its remark, which is put below it, or goes on in its explanation; the whole of it where that is refused */
    private function explained(Draft $draft, DraftQuestion $question, DraftLine $line, string $whole, string $answer, string $remark): string
    {
        $there = $question->explanation[0] ?? null;
        if (null !== $there) {
            $text = Lexer::label(trim($there->body))->rest ?? trim($there->body, ' *_');

            return $draft->edit($there, "Explanation: {$remark} {$text}") ? $answer : $whole;
        }
        $put = $draft->putIn($line, 'Explanation: '.$remark, Role::Explanation);
        if (null === $put) {
            return $whole;
        }
        $question->explanation[] = $put;

        return $answer;
    }

    private function plain(DraftQuestion $question, string $answer): string
    {
        $answer = Regex::replace('~^(?:'.PaperWords::all()->option.')\s++(?=\(?[A-Za-z][.)]?\s*\z)~iu', '', rtrim($answer));
        if (Regex::match('/^\((.*)\)\z/', $answer, $match)) {
            $answer = $match[1];
        }
        if ([] === $question->options) {
            return $answer;
        }
        $isNumbered = \in_array($question->options[0]->mark->style[0] ?? '', ['#', ''], true) && Regex::match('/^\(?\d{1,2}[.)]?\z/', $answer);
        $isRoman = 'i' === ($question->options[0]->mark->style[0] ?? '') || str_starts_with($question->options[0]->mark->style, '(i');
        $keys = Answering::keys($question, $answer);

        return match (true) {
            ($isRoman || $isNumbered) && null !== $keys => implode(', ', array_map(static fn (int $key) => \chr(97 + $key), $keys)),
            Regex::match('/^[A-Za-z](?:\s*+[,&\/]\s*+[A-Za-z])*+[.)]\z/', $answer) => rtrim($answer, '.)'),
            default => $answer,
        };
    }
}
