<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy\Step;

use Notagram\Intake\Tidy\Draft;
use Notagram\Intake\Tidy\QuestionStart;
use Notagram\Intake\Tidy\TidyStep;
use Notagram\Notation\PaperWords;
use Notagram\Source\Regex;

/** Writes points in square brackets, before the stem or behind it, or at the margin (“/2”), as (2 points) before it. */
final readonly class BracketedPoints implements TidyStep
{
    public function name(): string
    {
        return 'bracketed-points';
    }

    public function label(): string
    {
        return 'Points in brackets';
    }

    public function apply(Draft $draft): void
    {
        $points = PaperWords::all()->pointsPattern();
        $this->bareNumbers($draft);
        foreach ($draft->scan()->questions as $question) {
            $line = $draft->line($question->start);
            $start = QuestionStart::in($line);
            $text = $start->text ?? $line;
            $isOnOneLine = 1 === \count($question->stem);
            // At the margin: “/2”.
            if ($isOnOneLine && Regex::match('~^(.*\S)(?:\t|\s{2,})[_.…]*+\s?/\s?(\d{1,2})\s*\z~u', $text, $match)) {
                $draft->edit($question->start, rtrim($start->label ?? '').' '.Sections::points($match[2]).' '.$match[1]);
                continue;
            }
            if (!Regex::match("~^{$points}\\s*+(?=\\S)~iu", $text, $match) && (!$isOnOneLine || !Regex::match("~\\s*+{$points}\\s*\\z~iu", $text, $match))) {
                continue;
            }
            if (!str_contains($match[0], '[')) {
                continue;
            }
            $number = str_replace(',', '.', '' !== $match[1] ? $match[1] : ($match[2] ?? ''));
            $stem = str_starts_with($text, $match[0]) ? substr($text, \strlen($match[0])) : substr($text, 0, -\strlen($match[0]));
            $draft->edit($question->start, rtrim($start->label ?? '').' '.Sections::points($number).' '.$stem);
        }
    }

    /** “What is wax? (1)”, where every question ends so: a number in brackets behind some may be anything. */
    private function bareNumbers(Draft $draft): void
    {
        $found = [];
        foreach ($draft->scan()->questions as $question) {
            $line = $draft->line($question->start);
            $start = QuestionStart::in($line);
            if (1 !== \count($question->stem) || !Regex::match('~^(.*\S)\s++\((\d{1,2})\)\s*\z~u', $start->text ?? $line, $match)) {
                return;
            }
            $found[$question->start] = rtrim($start->label ?? '').' '.Sections::points($match[2]).' '.trim($match[1]);
        }
        foreach (\count($found) > 1 ? $found : [] as $index => $line) {
            $draft->edit($index, ltrim($line));
        }
    }
}
