<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy\Step;

use Notagram\Intake\Tidy\Draft;
use Notagram\Intake\Tidy\OptionMarks;
use Notagram\Intake\Tidy\QuestionStart;
use Notagram\Intake\Tidy\TidyStep;
use Notagram\Source\Regex;

/** Parts questions that stand on one line, each with its lettered options behind it. */
final readonly class RunOnQuestions implements TidyStep
{
    public function name(): string
    {
        return 'run-on-questions';
    }

    public function label(): string
    {
        return 'Questions on one line';
    }

    public function apply(Draft $draft): void
    {
        $lines = $draft->lines();
        for ($index = \count($lines) - 1; $index >= 0; --$index) {
            $parts = self::parts($lines[$index]);
            if (\count($parts) > 1) {
                $draft->replace($index, 1, $parts);
            }
        }
    }

    /** @return list<string> */
    private static function parts(string $line): array
    {
        $start = \strlen($line) < 20 ? null : QuestionStart::in($line);
        if (null === $start || !\in_array($start->style, ['.', ')', '()'], true)) {
            return [$line];
        }
        $line = trim($line);
        // Behind this place no further question has options of its own.
        $last = OptionMarks::lastRun($line, ['a', 'b']);
        $parts = [];
        $from = 0;
        for ($number = $start->number + 1;; ++$number) {
            $next = match ($start->style) {
                '.' => "{$number}.",
                ')' => "{$number})",
                default => "({$number})",
            };
            $at = self::endOfQuestion($line, $from, $next, $last);
            if (null === $at) {
                return [...$parts, substr($line, $from)];
            }
            $parts[] = rtrim(substr($line, $from, $at - $from));
            $from = $at;
        }
    }

    /** Where the next question starts, if the one before it has options and so have those that follow. */
    private static function endOfQuestion(string $line, int $from, string $next, int $last): ?int
    {
        for ($at = strpos($line, $next, $from); false !== $at && $at < $last; $at = strpos($line, $next, $at + 1)) {
            if ($at > $from
                && ctype_space($line[$at - 1])
                && Regex::match('/\G\s++\S/', $line, $match, 0, $at + \strlen($next))
                && OptionMarks::lastRun(substr($line, $from, $at - $from), ['a', 'b']) >= 0
            ) {
                return $at;
            }
        }

        return null;
    }
}
