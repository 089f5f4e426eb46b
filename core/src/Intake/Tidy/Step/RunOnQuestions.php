<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy\Step;

use Notagram\Intake\Tidy\Draft;
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
        $options = '\s\(?[aA][.)]\s*+\S.*\s\(?[bB][.)]\s*+\S';
        $parts = [];
        $rest = trim($line);
        $number = $start->number;
        while (true) {
            ++$number;
            $next = match ($start->style) {
                '.' => "{$number}.",
                ')' => "{$number})",
                default => "({$number})",
            };
            // Asked first, since a pattern for each number takes long to make.
            if (!str_contains($rest, $next) || !Regex::match("/^(.*{$options}.*?)(?<=\\S)\\s++(?=".preg_quote($next, '/')."\\s++\\S.*{$options})/su", $rest, $match)) {
                return [...$parts, $rest];
            }
            $parts[] = $match[1];
            $rest = ltrim(substr($rest, \strlen($match[0])));
        }
    }
}
