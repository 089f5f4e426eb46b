<?php

declare(strict_types=1);

namespace Notagram\Notation\Printed;

use Notagram\Notation\PaperWords;
use Notagram\Source\Regex;

/** Sees what only whole questions show: tasks and statements that look like options, terms and the list they are matched with. */
final class Regrouping
{
    private const BLANK_FIRST = '/^(?:_{2,}+[A-Za-z]?_*+|[(\[]\s*+[)\]])\s++(?=\S)/u';

    /** “Exercise 2: match the words” asks something itself. */
    public static function asStem(Piece $heading): void
    {
        $heading->role = Role::Question;
        $number = $heading->form()->numbers()[0] ?? null;
        $label = PaperWords::all()->partLabel($heading->text);
        $heading->number = match (true) {
            'word' === $number?->style => $number,
            // “Part B: Match the words”: the question has a number of its own, and the part none.
            '' !== $label => new NumberMark(NumberMark::PART, 0, '', '', $label, substr($heading->text, \strlen($label))),
            default => null,
        };
    }

    /**
     * “1. Look at the drawing. a) Name the part. (1 mark) b) Explain it. (3 marks)”: what looks like options are questions.
     *
     * @param list<PaperQuestion> $all
     *
     * @return list<PaperQuestion>
     */
    public static function tasks(array $all): array
    {
        $questions = [];
        foreach ($all as $question) {
            self::stemOfTasks($question);
            $parts = self::tasksOf($question);
            if ([] === $parts) {
                $parts = self::statementsOf($question);
            }
            if ([] === $parts) {
                $questions[] = $question;
                continue;
            }
            $isHeading = null !== PaperWords::all()->kindIn($question->stemText());
            foreach (array_udiff($question->stem, array_merge(...array_map(static fn (PaperQuestion $part) => $part->stem, $parts)), static fn (Piece $one, Piece $other) => spl_object_id($one) <=> spl_object_id($other)) as $piece) {
                $piece->role = $isHeading ? Role::Heading : Role::Passage;
            }
            array_push($questions, ...$parts);
        }

        return $questions;
    }

    /**
     * Numbered terms under “Match …”, with one lettered list below the last of them.
     *
     * @param list<PaperQuestion> $all
     *
     * @return list<PaperQuestion>
     */
    public static function matchings(array $all): array
    {
        $questions = [];
        for ($index = 0; $index < \count($all); ++$index) {
            $section = $all[$index]->section;
            if ('matching' !== $section->kind) {
                $questions[] = $all[$index];
                continue;
            }
            $heading = $section->heading[\count($section->heading) - 1] ?? null;
            $end = $index;
            while (isset($all[$end]) && $all[$end]->section === $section && $all[$end]->isBare()) {
                ++$end;
            }
            $last = $all[$end] ?? null;
            if (null === $heading || $end === $index || $last?->section !== $section || \count($last->options) < 2) {
                $end = max($end, $index + 1);
                array_push($questions, ...\array_slice($all, $index, $end - $index));
                $index = $end - 1;
                continue;
            }
            array_pop($section->heading);
            self::asStem($heading);
            $question = new PaperQuestion($section);
            $question->stem = [$heading];
            foreach (\array_slice($all, $index, $end + 1 - $index) as $term) {
                $question->prompts[] = $term->first();
                foreach ($term->stem as $piece) {
                    $piece->role = Role::MatchRow;
                }
            }
            $question->matches = $last->options;
            $question->answers = $last->answers;
            foreach ($last->options as $option) {
                $option->piece->role = Role::MatchRow;
            }
            $questions[] = $question;
            $index = $end;
        }

        return $questions;
    }

    /**
     * Terms that each have a blank or brackets before them for the letter that goes with them, above the list with the letters.
     *
     * @param \Closure(PaperQuestion): string $keyOf what the key says of a question; empty where it says nothing
     */
    public static function blankedTerms(PaperQuestion $question, \Closure $keyOf): void
    {
        $terms = \array_slice($question->stem, 1);
        while ([] !== $terms && !Regex::match(self::BLANK_FIRST, $terms[0]->text)) {
            array_shift($terms);
        }
        if (\count($terms) < 2 || \count($question->options) < 2) {
            return;
        }
        foreach ($terms as $term) {
            if (!Regex::match(self::BLANK_FIRST, $term->text)) {
                return;
            }
        }
        foreach ($question->options as $option) {
            if ($option->mark->isRight || $option->mark->isUnlettered()) {
                return;
            }
        }
        // One letter, below or in the key, picks one option, and the blanks are gaps.
        if (Regex::match('/^[A-Za-z]\z/', $keyOf($question))) {
            return;
        }
        foreach ($question->answers as $answer) {
            if (!Regex::match('/\d|[-–—=:→]\s*+[A-Za-z]\b.*[-–—=:→]/u', $answer->form()->label()->rest ?? $answer->text)) {
                return;
            }
        }
        foreach ($terms as $term) {
            Regex::match(self::BLANK_FIRST, $term->text, $match);
            $term->option = new OptionMark('rule', 0, false, $match[0] ?? '', substr($term->text, \strlen($match[0] ?? '')));
            $term->role = Role::MatchRow;
        }
        foreach ($question->options as $option) {
            $option->piece->role = Role::MatchRow;
        }
        $question->stem = \array_slice($question->stem, 0, \count($question->stem) - \count($terms));
        [$question->prompts, $question->matches, $question->options] = [$terms, $question->options, []];
    }

    /** “Explain in your own words: i) why bees swarm ii) how they dance”: one task, which says what it consists of. */
    private static function stemOfTasks(PaperQuestion $question): void
    {
        if ([] === $question->options || [] !== $question->answers || !str_ends_with($question->stemText(), ':') || !Regex::match('~(?<!\p{L})(?:'.PaperWords::all()->task.')(?!\p{L})~iu', $question->stemText())) {
            return;
        }
        foreach ($question->options as $option) {
            if (!str_contains($option->mark->style, 'i') || $option->mark->isRight) {
                return;
            }
        }
        foreach ($question->options as $option) {
            foreach ([$option->piece, ...$option->more] as $piece) {
                [$piece->role, $piece->option] = [Role::Stem, null];
                $question->stem[] = $piece;
            }
        }
        $question->options = [];
    }

    /**
     * Statements under “True or false?” that each have their bracket before them, or their T and F behind them.
     *
     * @return list<PaperQuestion> empty where these are none
     */
    private static function statementsOf(PaperQuestion $question): array
    {
        if ('true-false' !== PaperWords::all()->kindIn($question->stem[0]->text) || [] !== $question->answers) {
            return [];
        }
        $section = clone $question->section;
        $section->kind = 'true-false';
        $parts = [];
        $pieces = [] === $question->options ? \array_slice($question->stem, 1) : array_map(static fn (PaperOption $option) => $option->piece, $question->options);
        foreach ($pieces as $piece) {
            $text = $piece->option->rest ?? $piece->text;
            $isBracketed = Regex::match('/^(?:[(\[]\s*+\p{L}*+\s*+[)\]]|_{2,}+)\s*+\S/u', $piece->text);
            if (!$isBracketed && null === Lexer::truthsBehind($text) && !Regex::match('/[\s.]_{3,}\z/', Lexer::tail($text))) {
                return [];
            }
            $part = new PaperQuestion($section);
            $part->stem = [$piece];
            $parts[] = $part;
        }
        foreach (\count($parts) > 1 ? $parts : [] as $part) {
            $piece = $part->stem[0];
            $piece->role = Role::Question;
            if (Regex::match('/^(?:[(\[]\s*+\p{L}*+\s*+[)\]]|_{2,}+)\s*+(?=\S)/u', $piece->text, $match)) {
                $piece->option = new OptionMark('rule', 0, false, $match[0], substr($piece->text, \strlen($match[0])));
            }
        }

        return \count($parts) > 1 ? $parts : [];
    }

    /** @return list<PaperQuestion> empty where they are options after all */
    private static function tasksOf(PaperQuestion $question): array
    {
        if (\count($question->options) < 2 || [] !== $question->answers || [] !== $question->truths) {
            return [];
        }
        $points = PaperWords::all()->pointsPattern();
        $end = "~(?:{$points}|\\s{2,}[_.…]*\\s?/?\\s?\\d{1,2}(?:\\s*(?:".PaperWords::all()->points.'))?)\\s*\\z~iu';
        $places = array_map(static fn (PaperOption $option) => $option->piece->line->number, $question->options);
        $isWrittenUnder = array_fill(0, \count($places), false);
        foreach ($question->writingLines as $line) {
            foreach ($places as $index => $place) {
                if ($line->line->number > $place && $line->line->number < ($places[$index + 1] ?? \PHP_INT_MAX)) {
                    $isWrittenUnder[$index] = true;
                }
            }
        }
        $parts = [];
        foreach ($question->options as $index => $option) {
            $last = [] === $option->more ? $option->piece : $option->more[\count($option->more) - 1];
            if (null === $option->piece->option || $option->mark->isRight || (!$isWrittenUnder[$index] && !Regex::match($end, $last->text))) {
                return [];
            }
            $part = new PaperQuestion($question->section);
            $part->stem = [$option->piece, ...$option->more];
            $part->writingLines = array_values(array_filter($question->writingLines, static fn (Piece $line) => $line->line->number > $places[$index] && $line->line->number < ($places[$index + 1] ?? \PHP_INT_MAX)));
            $parts[] = $part;
        }
        foreach ($parts as $part) {
            foreach ($part->stem as $index => $piece) {
                $piece->role = 0 === $index ? Role::Question : Role::Stem;
            }
        }

        return $parts;
    }
}
