<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy\Step;

use Notagram\Intake\Tidy\Answering;
use Notagram\Intake\Tidy\Draft;
use Notagram\Intake\Tidy\DraftOption;
use Notagram\Intake\Tidy\DraftQuestion;
use Notagram\Intake\Tidy\TidyStep;
use Notagram\Notation\PaperWords;
use Notagram\Notation\Printed\Lexer;
use Notagram\Notation\Printed\Role;
use Notagram\Source\Regex;

/** Puts a star before an option that a tick, an arrow, a word or bold type says is right. */
final readonly class MarksBehind implements TidyStep
{
    public function name(): string
    {
        return 'marks-behind';
    }

    private const TICK = '(?:[✓✔√☑✅]\x{FE0F}?)';
    private const CROSS = '(?:[✗✘✖❌]\x{FE0F}?)';

    public function apply(Draft $draft): void
    {
        $correct = PaperWords::all()->correct;
        foreach ($draft->questions as $question) {
            if (!self::mayHoldMarks($question)) {
                continue;
            }
            $strong = array_filter($question->options, static fn (DraftOption $option) => $option->isStrong);
            $hasTick = [] !== array_filter($question->options, static fn (DraftOption $option) => Regex::match('/'.self::TICK.'/u', $option->line->text()) || $option->mark->isRight);
            $this->remarks($draft, $question);
            foreach ($question->options as $option) {
                $line = $option->line;
                $end = [] === $option->more ? $line : $option->more[\count($option->more) - 1];
                if (Regex::match('~\s*+(?:'.self::TICK."|[*_]{0,3}[(\\[]\\s*+(?:{$correct})\\s*+[)\\]][*_]{0,3}|(?<=\\s)[–-]\\s*+(?:{$correct})|(?:<[-=]{1,2}|←|⇐)(?:\\s*+(?:{$correct}))?)\\z~iu", Lexer::tail(rtrim($end->body)), $match) && '' !== trim(substr(rtrim($end->body), 0, -\strlen($match[0])))) {
                    $body = substr(rtrim($end->body), 0, -\strlen($match[0]));
                    if ($end === $line) {
                        $draft->edit($line, $body, self::starred($line->mark));
                    } elseif ($draft->edit($end, $body)) {
                        $draft->edit($line, mark: self::starred($line->mark));
                    }
                } elseif (Regex::match('~^'.self::TICK.'\s*+(?=\S)~u', $line->body, $match)) {
                    $draft->edit($line, substr($line->body, \strlen($match[0])), self::starred($line->mark));
                } elseif ($hasTick && Regex::match('~\s*+'.self::CROSS.'\z~u', Lexer::tail(rtrim($line->body)), $match)) {
                    $draft->edit($line, substr(rtrim($line->body), 0, -\strlen($match[0])));
                } elseif ($hasTick && Regex::match('~^'.self::CROSS.'\s*+(?=\S)~u', $line->body, $match)) {
                    $draft->edit($line, substr($line->body, \strlen($match[0])));
                } elseif ($option->mark->isRight && !$option->isStarred()) {
                    $draft->edit($line, mark: self::starred(Regex::replace('/^(?:'.self::TICK.'|[-=]>|→|⇒|►|▶|➤|➔)\s*+/u', '', $line->mark)));
                } elseif ($option->isStrong && 1 === \count($strong)) {
                    $draft->edit($line, mark: self::starred($line->mark));
                }
            }
        }
    }

    /** Nearly every option is letters alone; the signs and their words begin with one of these bytes, or stand in brackets. */
    private static function mayHoldMarks(DraftQuestion $question): bool
    {
        foreach ($question->options as $option) {
            $end = $option->more[\count($option->more) - 1] ?? $option->line;
            if ($option->isStrong || $option->mark->isRight || false !== strpbrk($option->line->text(), "-([<\xE2") || false !== strpbrk($end->body, "-([<\xE2")) {
                return true;
            }
        }

        return false;
    }

    /** “A) Colour ✅ Both guide the bees. B) Noise ❌ They do not hear.”: what is said of the options explains the answer. */
    private function remarks(Draft $draft, DraftQuestion $question): void
    {
        $found = [];
        foreach ($question->options as $option) {
            if ([] === $option->more && Regex::match('~^(.*\S)\s*+('.self::TICK.'|'.self::CROSS.')\s++(\S.*)\z~u', $option->line->body, $match)) {
                $found[] = [$option->line, $match];
            }
        }
        if (\count($found) < 2 || [] !== $question->explanation) {
            return;
        }
        $remarks = [];
        foreach ($found as [$line, $match]) {
            if ($draft->edit($line, $match[1], Regex::match('~^'.self::TICK.'~u', $match[2]) ? self::starred($line->mark) : $line->mark)) {
                $remarks[] = $match[3];
            }
        }
        if ([] !== $remarks) {
            $question->explanation = Answering::with([], $draft->putIn($question->end(), 'Explanation: '.implode(' ', $remarks), Role::Explanation));
        }
    }

    private static function starred(string $mark): string
    {
        return str_contains($mark, '*') ? $mark : '*'.$mark;
    }
}
