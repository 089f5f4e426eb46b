<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy\Step;

use Notagram\Intake\Tidy\Answering;
use Notagram\Intake\Tidy\Draft;
use Notagram\Intake\Tidy\DraftLine;
use Notagram\Intake\Tidy\DraftOption;
use Notagram\Intake\Tidy\DraftQuestion;
use Notagram\Intake\Tidy\TidyStep;
use Notagram\Notation\Key\KeyEntry;
use Notagram\Notation\Key\MatchedLetters;
use Notagram\Notation\Printed\Lexer;
use Notagram\Notation\Printed\PrintedColumns;
use Notagram\Notation\Printed\Role;
use Notagram\Source\Regex;

/** Makes pairs of two lists that stand side by side, where it is printed which go together; takes the numbers off pairs. */
final readonly class MatchingLists implements TidyStep
{
    public function name(): string
    {
        return 'matching-lists';
    }

    public function apply(Draft $draft): void
    {
        foreach ($draft->questions as $question) {
            $this->rows($draft, $question);
            $this->termsAndList($draft, $question);
            $this->lists($draft, $question);
            foreach ($question->pairs as $line) {
                $pair = Lexer::pair(Lexer::numbers($line->body)[0]->rest ?? $line->body);
                if (null !== $pair && '' !== $pair[0]) {
                    $draft->edit($line, "{$pair[0]} -> {$pair[1]}", '');
                }
            }
        }
    }

    /** Two columns, where a letter before each number or an answer says what goes with what. */
    private function rows(Draft $draft, DraftQuestion $question): void
    {
        $rows = [];
        foreach ($question->matchRows as $line) {
            $rows[$line->origin] = ($rows[$line->origin] ?? '').$line->text();
        }
        $prompts = $matches = $links = [];
        foreach ($rows as $row) {
            if (!Regex::match(PrintedColumns::ROW, trim($row), $match)) {
                return;
            }
            $prompts[(int) $match['number']] = $match['prompt'];
            $matches[strtolower($match['letter'])] = $match['match'];
            $filled = strtolower($match['filled'].$match['in']);
            if ('' !== $filled) {
                $links[(int) $match['number']] = $filled;
            }
        }
        $this->writePairs($draft, $question, $prompts, $matches, $links, $question->matchRows);
    }

    /** Terms with numbers above a list with letters. */
    private function termsAndList(Draft $draft, DraftQuestion $question): void
    {
        $prompts = $matches = $links = [];
        foreach ($question->prompts as $place => $line) {
            $number = $question->paper->prompts[$place]->number->value ?? $place + 1;
            $prompts[$number] = trim($line->body);
            // A letter is written on the blank before the number, or before the term itself.
            $isNumbered = null !== ($question->paper->prompts[$place]->number ?? null);
            $filled = strtolower(trim($isNumbered ? $line->lead : $line->mark, " \t_()[]"));
            if ('' !== $filled) {
                $links[$number] = $filled;
            }
        }
        foreach ($question->matches as $option) {
            $matches[\chr(96 + $option->mark->index)] = trim(implode(' ', [$option->line->body, ...array_map(static fn (DraftLine $line) => $line->body, $option->more)]));
        }
        // What stands there twice would be lost.
        if (\count($prompts) < \count($question->prompts) || \count($matches) < \count($question->matches)) {
            return;
        }
        $lists = array_merge(...array_map(static fn (DraftOption $option) => [$option->line, ...$option->more], $question->matches));
        $this->writePairs($draft, $question, $prompts, $matches, $links, [...$question->prompts, ...$lists]);
    }

    /**
     * Where the letters are not filled in, an answer below the lists or the key may say what goes with what.
     *
     * @param array<int, string>    $prompts
     * @param array<string, string> $matches
     * @param array<int, string>    $links   letter by number, as they are filled in
     * @param list<DraftLine>       $lines   that the pairs take the place of
     */
    private function writePairs(Draft $draft, DraftQuestion $question, array $prompts, array $matches, array $links, array $lines): void
    {
        if ([] === $prompts) {
            return;
        }
        $links = [] === $links ? self::linksInWords($question, $prompts) : $links;
        $links = [] === $links ? self::linksIn($question) : $links;
        $used = [];
        if ([] === $links) {
            $used = array_values(array_filter($draft->paper->key(), static fn (KeyEntry $entry) => null !== $entry->number && $entry->number === $question->paper->number()?->value));
            $links = [] === $used ? [] : MatchedLetters::in($used[0]->answer, $prompts);
        }
        if ([] === $links) {
            $used = self::entriesFor($draft, $question, $prompts);
            $links = array_map(static fn (KeyEntry $entry) => strtolower($entry->answer), $used);
        }
        $pairs = self::pairsOf($prompts, $matches, $links);
        if (null !== $pairs && self::putPairs($draft, $question, $lines, $pairs)) {
            $question->usedKey = array_values($used);
        }
    }

    /**
     * The entries of the key whose numbers are those of the prompts. Where another question of the same part has one of them,
     * it is that question's.
     *
     * @param array<int, string> $prompts
     *
     * @return array<int, KeyEntry> by number
     */
    private static function entriesFor(Draft $draft, DraftQuestion $question, array $prompts): array
    {
        $part = $question->paper->section->part;
        $entries = [];
        foreach ($draft->paper->key() as $entry) {
            if (isset($prompts[$entry->number ?? 0]) && (null === $entry->part || null === $part || $entry->part === $part)) {
                $entries[$entry->number ?? 0] ??= $entry;
            }
        }
        foreach ($draft->questions as $other) {
            $number = $other->paper->number()->value ?? 0;
            $isInPart = null === ($entries[$number]->part ?? null) || $other->paper->section->part === $part;
            if ($other !== $question && isset($entries[$number]) && $isInPart) {
                return [];
            }
        }

        return $entries;
    }

    /**
     * @param list<DraftLine>        $lines that they take the place of
     * @param non-empty-list<string> $pairs
     */
    private static function putPairs(Draft $draft, DraftQuestion $question, array $lines, array $pairs): bool
    {
        $first = array_shift($lines);
        if (null === $first || !$draft->join($first, [...$lines, ...$question->answers], array_shift($pairs), '', '')) {
            return false;
        }
        $question->pairs = [$first];
        foreach ($pairs as $pair) {
            $question->pairs = Answering::with($question->pairs, $draft->putIn($question->pairs[\count($question->pairs) - 1], $pair, Role::Pair));
        }

        return true;
    }

    /** @return array<int, string> letter by number, as an answer below the lists says */
    private static function linksIn(DraftQuestion $question): array
    {
        return MatchedLetters::numbered(implode("\n", array_map(static fn (DraftLine $line) => $line->body, $question->answers)));
    }

    /**
     * The same, where it names what is to be matched.
     *
     * @param array<int, string> $prompts
     *
     * @return array<int, string>
     */
    private static function linksInWords(DraftQuestion $question, array $prompts): array
    {
        $line = 1 === \count($question->answers) ? trim($question->answers[0]->body) : '';

        return MatchedLetters::in(Lexer::label($line)->rest ?? $line, $prompts);
    }

    /**
     * @param array<int, string>    $prompts
     * @param array<string, string> $matches
     * @param array<int, string>    $links
     *
     * @return ?non-empty-list<string> null where somebody has to say first what goes with what
     */
    private static function pairsOf(array $prompts, array $matches, array $links): ?array
    {
        $pairs = [];
        $unused = $matches;
        foreach ($prompts as $number => $prompt) {
            $match = $matches[$links[$number] ?? ''] ?? null;
            if (null === $match) {
                return null;
            }
            $pairs[] = "{$prompt} -> {$match}";
            unset($unused[$links[$number]]);
        }
        foreach ($unused as $extra) {
            $pairs[] = "-> {$extra}";
        }

        return [] === $pairs ? null : $pairs;
    }

    /** Letters on the left, numbers on the right, as options with something behind them. */
    private function lists(Draft $draft, DraftQuestion $question): void
    {
        $links = self::linksIn($question);
        if ([] === $links || [] === $question->options) {
            return;
        }
        $lines = $prompts = $matches = [];
        foreach ($question->options as $option) {
            foreach ([$option->line, ...$option->more] as $line) {
                $lines[] = $line;
                if (!Regex::match('/^(?:\s*+\(?([A-Za-z])[.)]\s*+(\S.*?))?(?:\t\s*+|\s{2,})\(?(\d{1,2})[.)]\s*+(\S.*?)\s*+\z/', $line->text(), $match)) {
                    return;
                }
                // What stands there twice would be lost.
                if (isset($matches[(int) $match[3]]) || ('' !== $match[1] && isset($prompts[strtolower($match[1])]))) {
                    return;
                }
                if ('' !== $match[1]) {
                    $prompts[strtolower($match[1])] = $match[2];
                }
                $matches[(int) $match[3]] = $match[4];
            }
        }
        $pairs = [];
        foreach ($links as $number => $letter) {
            if (!isset($prompts[$letter], $matches[$number])) {
                return;
            }
            $pairs[$letter] = "{$prompts[$letter]} -> {$matches[$number]}";
        }
        if (\count($pairs) !== \count($prompts)) {
            return;
        }
        ksort($pairs);
        foreach (array_diff_key($matches, $links) as $extra) {
            $pairs[] = "-> {$extra}";
        }
        if (self::putPairs($draft, $question, $lines, array_values($pairs))) {
            $question->options = [];
        }
    }
}
