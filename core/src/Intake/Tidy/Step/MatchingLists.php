<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy\Step;

use Notagram\Intake\Tidy\Draft;
use Notagram\Intake\Tidy\PaperQuestion;
use Notagram\Intake\Tidy\QuestionStart;
use Notagram\Intake\Tidy\TidyStep;
use Notagram\Source\Regex;

/** Makes pairs of two lists that stand side by side, by the answer below them; takes the numbers off pairs. */
final readonly class MatchingLists implements TidyStep
{
    public function name(): string
    {
        return 'matching-lists';
    }

    public function label(): string
    {
        return 'Lists to match';
    }

    public function apply(Draft $draft): void
    {
        foreach (array_reverse($draft->scan()->questions) as $question) {
            $pairs = self::pairsOf($draft, $question);
            if (null !== $pairs && null !== $question->answer) {
                $draft->replace($question->options[0], $question->answer + 1 - $question->options[0], $pairs);
            }
        }
        $lines = $draft->lines();
        foreach ($draft->scan()->questions as $question) {
            foreach ($question->pairs as $index) {
                $start = QuestionStart::in($lines[$index]);
                if (null !== $start) {
                    $draft->edit($index, trim($start->text));
                }
            }
        }
    }

    /**
     * Without an answer nobody but the author knows which goes with which.
     *
     * @return ?list<string>
     */
    private static function pairsOf(Draft $draft, PaperQuestion $question): ?array
    {
        $lines = $draft->lines();
        if (null === $question->answer || [] === $question->options || 0 === Regex::matchAll('/(?<![\p{L}\p{N}])([A-Za-z])\s*+[-–=:→]++>?\s*+(\d{1,2})(?!\p{N})/u', (string) strstr($lines[$question->answer], ':'), $links)) {
            return null;
        }
        $prompts = $matches = [];
        for ($index = $question->options[0]; $index < $question->answer; ++$index) {
            $line = str_replace("\u{A0}", ' ', $lines[$index]);
            if ('' === trim($line)) {
                continue;
            }
            if (!Regex::match('/^(?:\s*+\(?([A-Za-z])[.)]\s*+(\S.*?))?(?:\t\s*+|\s{2,})\(?(\d{1,2})[.)]\s*+(\S.*?)\s*+\z/', $line, $match)) {
                return null;
            }
            [, $letter, $prompt, $number, $text] = $match;
            // What stands there twice would be lost.
            if (isset($prompts[strtolower($letter)]) || isset($matches[$number])) {
                return null;
            }
            if ('' !== $letter) {
                $prompts[strtolower($letter)] = $prompt;
            }
            $matches[$number] = $text;
        }
        $made = [];
        foreach ($links[1] as $link => $letter) {
            [$prompt, $match] = [$prompts[strtolower($letter)] ?? null, $matches[$links[2][$link]] ?? null];
            if (null === $prompt || null === $match) {
                return null;
            }
            $made[] = "{$prompt} -> {$match}";
            unset($matches[$links[2][$link]], $prompts[strtolower($letter)]);
        }
        // What no letter goes with is one match too many.
        foreach ($matches as $extra) {
            $made[] = "-> {$extra}";
        }

        return [] === $prompts ? $made : null;
    }
}
