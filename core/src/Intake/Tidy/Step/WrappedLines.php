<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy\Step;

use Notagram\Intake\Tidy\Draft;
use Notagram\Intake\Tidy\DraftLine;
use Notagram\Intake\Tidy\DraftQuestion;
use Notagram\Intake\Tidy\TidyStep;
use Notagram\Notation\PaperWords;
use Notagram\Notation\Printed\Lexer;
use Notagram\Source\Regex;

/** Joins lines that a page was too narrow for, and words that were cut. */
final readonly class WrappedLines implements TidyStep
{
    /** A line that was wrapped is nearly as wide as the page. */
    private const WIDE = 35;
    /** What ends as statements of a program end, or begins as they begin. */
    private const CODE = '/[{};]\s*\z|\w\)\s*[:;{]\s*\z|\b\w+\([^()]*\)\s*\z|^\s*(?:for|while|if|def|function|return|import|#include|int|var|let|const)\b.*[(){}=;:]/';

    public function name(): string
    {
        return 'wrapped-lines';
    }

    public function apply(Draft $draft): void
    {
        foreach ($draft->questions as $question) {
            $this->numberOnItsOwn($draft, $question);
            $question->stem = $this->joined($draft, $question->stem);
            foreach ($question->options as $option) {
                $option->more = \array_slice($this->joined($draft, [$option->line, ...$option->more]), 1);
            }
            $question->explanation = $this->joined($draft, $question->explanation, true);
        }
    }

    /** “Question 1 (5 points)” with the stem on the next line. */
    private function numberOnItsOwn(Draft $draft, DraftQuestion $question): void
    {
        $first = $question->first();
        $next = $question->stem[1] ?? null;
        if (null === $next || '' === $first->mark || ('' !== $first->body && !str_contains("([0123456789 \t.:", $first->body[0]))) {
            return;
        }
        if (!Regex::match('~^(?:[(\[][^()\[\]]{1,20}[)\]]|\d{1,3}\s*(?:'.PaperWords::all()->points.'))?[\s:.]*\z~iu', $first->body)) {
            return;
        }
        $points = rtrim($first->body, " \t:.");
        $points = Regex::match('/^\d/', $points) ? "({$points})" : $points;
        if ($draft->join($first, [$next], ltrim($points.' ').trim($next->text()))) {
            array_splice($question->stem, 1, 1);
        }
    }

    /**
     * @param list<DraftLine> $lines
     *
     * @return list<DraftLine>
     */
    private function joined(Draft $draft, array $lines, bool $isProse = false): array
    {
        if (\count($lines) < 2) {
            return $lines;
        }
        $left = [];
        for ($index = 0; $index < \count($lines);) {
            $first = $lines[$index];
            $body = rtrim($first->body);
            $others = [];
            for (++$index; $index < \count($lines) && !self::beginsSomething(trim($lines[$index]->text())) && ($isProse || $this->goesOn($first, $body, trim($lines[$index]->text()))); ++$index) {
                $body = $this->together($draft, $body, trim($lines[$index]->text()));
                $others[] = $lines[$index];
            }
            if ([] !== $others && !$draft->join($first, $others, $body)) {
                array_push($left, $first, ...$others);
            } else {
                $left[] = $first;
            }
        }

        return $left;
    }

    /** Whether a line has a letter or number of its own, which would be lost within another line, or tells what to do. */
    private static function beginsSomething(string $text): bool
    {
        foreach (Lexer::form($text)->options() as $mark) {
            if (!$mark->isUnlettered() && 'A' !== $mark->style) {
                return true;
            }
        }
        if (PaperWords::all()->asksToTickAll($text)) {
            return true;
        }
        $number = Lexer::form($text)->numbers()[0] ?? null;

        return null !== $number && 'bare' !== $number->style && $number->value < 1000;
    }

    /** A word that was cut at the line's end is whole again, unless the text writes it with its hyphen elsewhere. */
    private function together(Draft $draft, string $before, string $next): string
    {
        if (str_ends_with($before, "\u{AD}")) {
            return substr($before, 0, -2).$next;
        }
        if (!Regex::match('/(\p{L}{2,})[-‐]\z/u', $before, $start) || !Regex::match('/^\p{Ll}+/u', $next, $end)) {
            return $before.' '.$next;
        }
        $isCompound = Regex::match('/(?<!\p{L})'.$start[1].'-'.$end[0].'(?!\p{L})/iu', $draft->wholeText());

        return ($isCompound ? $before : Regex::replace('/[-‐]\z/u', '', $before)).$next;
    }

    private function goesOn(DraftLine $first, string $line, string $next): bool
    {
        // What stands beside it for true and false leaves.
        $next = Lexer::truthsBehind($next)[0] ?? $next;
        if (Regex::match(self::CODE, $line) || Regex::match(self::CODE, $next)) {
            return false;
        }
        if (Regex::match('/\p{L}{2,}[-‐]\z|\x{AD}\z/u', $line) && Regex::match('/^\p{Ll}/u', $next)) {
            return true;
        }
        if (Regex::match('/^(?:[IVX]{1,4}|\d{1,2})[.)]\s|^[-–•]\s|[;{}=]\z|\t|\S {3,}\S/u', $next) || Regex::match('/\t\S|\S {3,}\S|[;{}]\z/', ltrim($line))) {
            // A year at the start of a line is no number of a list: it does not follow from one.
            return Regex::match('/^\d{4}\.\s/', $next) && !str_ends_with($line, ':');
        }
        $isEnd = Regex::match('/[.?!:…][”"’)\]]*\z/u', $line);

        return Regex::match('/^(?:\p{Ll}|\d{4}\.\s)/u', $next) || (!$isEnd && mb_strlen($first->lead.$first->mark.$line, 'UTF-8') >= self::WIDE);
    }
}
