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

/** Writes points in square brackets, at the margin, or on a line of their own as (2 points) before the stem. */
final readonly class BracketedPoints implements TidyStep
{
    public function name(): string
    {
        return 'bracketed-points';
    }

    public static function written(string $number): string
    {
        return \sprintf('(%s %s)', $number, '1' === $number ? 'point' : 'points');
    }

    public function apply(Draft $draft): void
    {
        $points = PaperWords::all()->pointsPattern();
        $bare = $this->bareNumbers($draft);
        foreach ($draft->questions as $place => $question) {
            $first = $question->first();
            $last = $question->last();
            if (false !== strpbrk($first->lead, '([') && Regex::match("~^(\\s*+)({$points}\\s*+)\\z~iu", $first->lead, $match)) {
                $this->move($draft, $question, new PrintedPoints(self::numberIn($match, 3), $first, $first->body), $match[1]);
                continue;
            }
            $found = null;
            foreach ($first === $last ? [$last] : [$first, $last] as $line) {
                $found ??= $this->found($line, $points, isset($bare[$place]) && $line === $last);
            }
            if (null !== $found) {
                $this->move($draft, $question, $found);
            }
            foreach ($question->points as $line) {
                if (Regex::match('/\d{1,3}(?:[.,]\d{1,2})?/', $line->body, $match) && $draft->drop($line) && !self::hasPoints($question)) {
                    $draft->edit($first, self::written(str_replace(',', '.', $match[0])).' '.ltrim($first->body));
                }
            }
        }
    }

    private function found(DraftLine $line, string $points, bool $isBare): ?PrintedPoints
    {
        $body = rtrim($line->body);
        if (!Regex::match('/\d/', $body)) {
            return null;
        }
        $words = PaperWords::all();
        if ('(' === $body[0] && Regex::match('~^\(\s*+(\d{1,2}[.,]\d{1,2})\s*+\)\s++(?=\S)~', $body, $match)) {
            return new PrintedPoints(str_replace(',', '.', $match[1]), $line, substr($body, \strlen($match[0])));
        }
        // At the start, or at the end in round brackets, they may stay.
        if (str_contains('([', $body[0]) && Regex::match("~^{$points}\\s*+[:.]?\\s*+(?=\\S)~iu", $body, $match)) {
            return str_contains($match[0], '[') ? new PrintedPoints(self::numberIn($match, 1), $line, substr($body, \strlen($match[0]))) : null;
        }
        $tail = Lexer::tail($body);
        if (str_contains(')]', $tail[-1]) && Regex::match("~\\s*+{$points}\\s*+\\z~iu", $tail, $match)) {
            return str_contains($match[0], '[') ? new PrintedPoints(self::numberIn($match, 1), $line, substr($body, 0, -\strlen($match[0]))) : null;
        }
        // Points end with their number, their word or a bracket.
        if (str_contains('?!:_', $tail[-1])) {
            return null;
        }
        $number = '(\d{1,3}(?:[.,]\d{1,2})?)';
        foreach ([
            "~(?:\\t|\\s{2,})[_.…]*+\\s?/\\s?{$number}\\z~u",
            "~\\s*+[(\\[]\\s*+[_.…]*+/\\s*+{$number}\\s*+(?:{$words->points})?\\s*+[)\\]]\\z~iu",
            "~(?<=[.?!:])\\s++/\\s?{$number}\\z~u",
            "~\\s*+[(\\[]\\s*+(?:{$words->value})\\s*+[:=]?\\s*+{$number}\\s*+[)\\]]\\z~iu",
            "~(?:\\t|\\s{2,})[_.…]*+\\s*+{$number}\\s*+(?:{$words->points})\\z~iu",
            "~(?<=[.?!:])\\s*+[–-]?\\s*+{$number}\\s*+(?:{$words->points})\\z~iu",
            ...($isBare ? ["~\\s++[(\\[]{$number}[)\\]]\\z~u"] : []),
        ] as $pattern) {
            if (Regex::match($pattern, $tail, $match)) {
                return new PrintedPoints(str_replace(',', '.', $match[1]), $line, rtrim(substr($body, 0, -\strlen($match[0]))));
            }
        }

        return null;
    }

    private function move(Draft $draft, DraftQuestion $question, PrintedPoints $points, ?string $lead = null): void
    {
        $first = $question->first();
        if ($points->line === $first) {
            $draft->edit($first, self::written($points->number).' '.ltrim($points->rest), lead: $lead);
        } elseif ($draft->edit($points->line, $points->rest)) {
            $draft->edit($first, self::written($points->number).' '.ltrim($first->body));
        }
    }

    public static function hasPoints(DraftQuestion $question): bool
    {
        $points = PaperWords::all()->pointsPattern();

        return Regex::match("~^\\s*+{$points}~iu", $question->first()->body) || Regex::match("~{$points}\\s*+\\z~iu", Lexer::tail(rtrim($question->first()->body))) || Regex::match("~{$points}\\s*+\\z~iu", Lexer::tail(rtrim($question->last()->body)));
    }

    /** @param array<int|string, string> $match */
    private static function numberIn(array $match, int $group): string
    {
        return str_replace(',', '.', '' !== ($match[$group] ?? '') ? $match[$group] : ($match[$group + 1] ?? ''));
    }

    /**
     * “What is wax? (1)”, where nearly every question ends so: a number in brackets behind some may be anything.
     *
     * @return array<int, true>
     */
    private function bareNumbers(Draft $draft): array
    {
        $found = [];
        foreach ($draft->questions as $place => $question) {
            $tail = Lexer::tail(rtrim($question->last()->body));
            if ('' !== $tail && str_contains(')]', $tail[-1]) && Regex::match('~\S\s++[(\[]\d{1,2}[)\]]\z~u', $tail) && ([] !== $question->writingLines || $question->isBare() || \count($draft->questions) > 1)) {
                $found[$place] = true;
            }
        }

        return \count($found) > 1 && \count($found) === \count($draft->questions) ? $found : [];
    }
}
