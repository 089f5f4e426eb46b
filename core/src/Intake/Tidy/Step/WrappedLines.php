<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy\Step;

use Notagram\Intake\Tidy\Draft;
use Notagram\Intake\Tidy\LineRole;
use Notagram\Intake\Tidy\QuestionStart;
use Notagram\Intake\Tidy\TidyStep;
use Notagram\Source\Regex;

/** Joins lines that a word processor wrapped. What is meant to stand on lines of its own stays: statements, verse, tables, code. */
final readonly class WrappedLines implements TidyStep
{
    /** A line that was wrapped is nearly as wide as the page. */
    private const WIDE = 35;
    /** What ends as statements end, or begins as they begin. */
    private const CODE = '/[{};]\s*\z|\w\)\s*[:;{]\s*\z|\b\w+\([^()]*\)\s*\z|^\s*(?:for|while|if|def|function|return|import|#include|int|var|let|const)\b.*[(){}=;:]/';

    public function name(): string
    {
        return 'wrapped-lines';
    }

    public function label(): string
    {
        return 'Wrapped lines';
    }

    public function apply(Draft $draft): void
    {
        foreach (array_reverse(self::wrapped($draft)) as [$from, $count, $joined]) {
            $draft->replace($from, $count, [$joined]);
        }
        $this->pointsOnTheirOwn($draft);
    }

    /** @return list<array{int, int, string}> where lines are to be joined: the first, how many, and what they make */
    private static function wrapped(Draft $draft): array
    {
        $roles = $draft->scan()->roles;
        $lines = $draft->lines();
        $text = implode("\n", $lines);
        $found = [];
        for ($index = 1; $index < \count($lines); ++$index) {
            $from = $index - 1;
            $joined = $lines[$from];
            // From the top, so that a line is held against all that is joined before it, as it would be the next time.
            for (; $index < \count($lines); ++$index) {
                $start = LineRole::Stem === $roles[$index] && LineRole::Question === $roles[$from] ? QuestionStart::in($joined) : null;
                if ('' === $start?->text) {
                    $joined = self::joined($start->rule.$start->number.'.', trim($lines[$index]), $text);
                } elseif (\in_array($roles[$index], [LineRole::Stem, LineRole::OptionText], true) && self::goesOn($joined, $lines[$index])) {
                    $joined = self::joined(rtrim($joined), trim($lines[$index]), $text);
                } else {
                    break;
                }
            }
            if ($index > $from + 1) {
                $found[] = [$from, $index - $from, $joined];
            }
        }

        return $found;
    }

    /** “Question 1 (5 points)” with the stem on the next line. */
    private function pointsOnTheirOwn(Draft $draft): void
    {
        $roles = $draft->scan()->roles;
        $lines = $draft->lines();
        for ($index = \count($roles) - 1; $index > 0; --$index) {
            $text = LineRole::Stem === $roles[$index] && LineRole::Question === $roles[$index - 1] ? QuestionStart::in($lines[$index - 1])?->text : null;
            if (null !== $text && Regex::match('/^[(\[][^()\[\]]{1,20}[)\]]\s*\z/', $text)) {
                $draft->replace($index - 1, 2, [rtrim($lines[$index - 1]).' '.trim($lines[$index])]);
            }
        }
    }

    /** @param string $text a word that was parted at the line's end is whole again where it stands whole elsewhere in the text */
    private static function joined(string $before, string $next, string $text): string
    {
        if (!Regex::match('/(\p{L}{2,})-\z/u', $before, $start) || !Regex::match('/^\p{Ll}+/u', $next, $end)) {
            return $before.' '.$next;
        }
        $isWhole = Regex::match("/(?<!\\p{L}){$start[1]}{$end[0]}(?!\\p{L})/iu", $text);

        return ($isWhole ? substr($before, 0, -1) : $before).$next;
    }

    private static function goesOn(string $line, string $next): bool
    {
        if (Regex::match(self::CODE, $line) || Regex::match(self::CODE, $next)) {
            return false;
        }
        $line = rtrim($line);
        $next = trim($next);
        if (Regex::match('/^(?:[IVX]{1,4}|\d{1,2})[.)]\s|^[-–•]\s|[;{}=]\z|\t|\S {3,}\S/u', $next) || Regex::match('/\t\S|\S {3,}\S|[;{}]\z/', ltrim($line))) {
            // A year at the start of a line is no number of a list: it does not follow from one.
            return Regex::match('/^\d{4}\.\s/', $next) && !str_ends_with($line, ':');
        }
        $isEnd = Regex::match('/[.?!:…][”"’)\]]*\z/u', $line);

        return Regex::match('/^\p{Ll}/u', $next) || (!$isEnd && mb_strlen($line, 'UTF-8') >= self::WIDE);
    }
}
