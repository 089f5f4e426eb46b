<?php

declare(strict_types=1);

namespace Notagram\Notation\Printed;

use Notagram\Notation\PaperWords;
use Notagram\Source\Regex;

/** A printed test as it was read: its pieces in order, its questions, its key. */
final class Paper
{
    /** What has more lines above the first question is no title, but something that was not understood. */
    private const MOST_TITLES = 8;
    private const LONGEST_TITLE = 100;

    /** @var list<PaperQuestion> */
    public array $questions = [];

    private ?PaperQuestion $open = null;
    private Section $section;

    /**
     * @param list<Line>  $lines
     * @param list<Piece> $pieces
     */
    private function __construct(public readonly array $lines, public readonly array $pieces, public readonly Survey $survey)
    {
        $this->section = new Section();
    }

    /** @param ?\Closure(Layer, int): bool $keeps whether a layer stays on a line */
    public static function of(string $text, ?\Closure $keeps = null): self
    {
        $lines = Lines::of($text, $keeps ?? static fn (Layer $layer, int $line): bool => false);
        $survey = new Survey($lines);
        $pieces = [];
        foreach ($lines as $index => $line) {
            $role = $survey->settled[$index];
            $ofLine = null === $role ? Pieces::of($line) : [new Piece($line, '', $line->trimmed(), false)];
            foreach ($ofLine as $piece) {
                $piece->role = $role ?? Role::Passage;
                $pieces[] = $piece;
            }
        }
        $paper = new self($lines, $pieces, $survey);
        if (!Tables::settle($pieces) && $survey->styles->isUnmarked) {
            $paper->unmarked();
        } else {
            (new BestFit($pieces, $survey->styles))->choose();
        }
        $paper->assemble();

        return $paper;
    }

    /** Blocks of lines without any mark: each begins with what it asks, and short lines below it answer. */
    private function unmarked(): void
    {
        $blocks = [[]];
        foreach ($this->pieces as $piece) {
            if (Role::Passage === $piece->role) {
                $blocks[\count($blocks) - 1][] = $piece;
            } elseif (Role::Blank === $piece->role && [] !== $blocks[\count($blocks) - 1]) {
                $blocks[] = [];
            }
        }
        $asking = array_filter($blocks, static fn (array $block) => \count($block) > 2 && \count($block) < 8 && Regex::match('/[?:…_]\s*\z/u', $block[0]->text)
            && [] === array_filter(\array_slice($block, 1), static fn (Piece $piece) => \strlen($piece->text) > 80 || str_ends_with($piece->text, '?')));
        if (\count($asking) < 2) {
            return;
        }
        foreach ($asking as $block) {
            $block[0]->role = Role::Question;
            foreach (\array_slice($block, 1) as $place => $piece) {
                $piece->role = Role::Option;
                $piece->option = new OptionMark('', $place + 1, false, '', $piece->text);
            }
        }
    }

    private function assemble(): void
    {
        $isInHeading = false;
        foreach ($this->pieces as $piece) {
            match ($piece->role) {
                Role::Heading => $this->heading($piece, $isInHeading),
                Role::Question => $this->question($piece),
                Role::Passage => $this->passage($piece),
                Role::Title, Role::Key => $this->open = null,
                Role::Blank, Role::Furniture, Role::NameLine, Role::TruthHead => null,
                default => $this->part($piece),
            };
            $isInHeading = Role::Heading === $piece->role || ($isInHeading && \in_array($piece->role, [Role::Blank, Role::Furniture, Role::TruthHead], true));
        }
        $this->unmarkedOptions();
        $this->tasks();
        $this->matchings();
        $this->titles();
    }

    private function heading(Piece $piece, bool $goesOn): void
    {
        $words = PaperWords::all();
        $before = $this->section;
        if (!$goesOn) {
            $this->section = new Section();
            $this->section->part = $before->part;
        }
        $section = $this->section;
        $section->heading[] = $piece;
        $text = $piece->text;
        if (Regex::match("~^(?:(?:{$words->part}|{$words->question})\\s++([IVX]{1,4}|[A-H]|\\d{1,2})(?![\\p{L}\\p{N}])|([IVX]{1,4}|[A-H])[.):])~iu", $text, $match)) {
            $section->part = strtoupper('' !== $match[1] ? $match[1] : ($match[2] ?? ''));
        } elseif (!$goesOn && '' !== $before->kind && null === $words->kindIn($text) && !PaperWords::looksLikeHeading($text)) {
            // A further instruction within a section.
            $section->kind = $before->kind;
        }
        $kind = $words->kindIn($text);
        if (null !== $kind && ('' === $section->kind || !$goesOn)) {
            $section->kind = $kind;
        }
        $section->points = $words->pointsOfEachIn($text) ?? $section->points;
        $section->total = Regex::match("~{$words->pointsPattern()}\\s*\\z~iu", $text, $found) ? str_replace(',', '.', '' !== $found[1] ? $found[1] : ($found[2] ?? '')) : $section->total;
        $this->open = null;
    }

    private function passage(Piece $piece): void
    {
        $this->open = null;
        // Whatever it is called, what a section says of its questions ends with the next one.
        if ([] !== $this->questions && PaperWords::looksLikeHeading($piece->text)) {
            $part = $this->section->part;
            $this->section = new Section();
            $this->section->part = $part;
        }
    }

    private function question(Piece $piece): void
    {
        $this->open = new PaperQuestion($this->section);
        $this->open->stem[] = $piece;
        $this->questions[] = $this->open;
    }

    /** “Exercise 2: match the words” asks something itself. */
    private static function asStem(Piece $heading): void
    {
        $heading->role = Role::Question;
        $number = $heading->form()->numbers()[0] ?? null;
        $heading->number = 'word' === $number?->style ? $number : null;
    }

    private function part(Piece $piece): void
    {
        $open = $this->open;
        if (null === $open) {
            // The heading of a list of pairs is its stem.
            $heading = $this->section->heading[\count($this->section->heading) - 1] ?? null;
            if (null === $heading || !\in_array($piece->role, [Role::Pair, Role::MatchRow], true)) {
                $piece->role = Role::Passage;

                return;
            }
            array_pop($this->section->heading);
            self::asStem($heading);
            $this->question($heading);
            $open = $this->open;
            \assert(null !== $open);
        }
        match ($piece->role) {
            Role::Stem => $open->stem[] = $piece,
            Role::Option => $open->options[] = new PaperOption($piece, $piece->option ?? throw new \LogicException('An option has its mark.')),
            Role::OptionText => [] === $open->options ? $open->stem[] = $piece : $open->options[\count($open->options) - 1]->more[] = $piece,
            Role::Truth => $open->truths[] = $piece,
            Role::Pair => $open->pairs[] = $piece,
            Role::MatchRow => $open->matchRows[] = $piece,
            Role::WritingLine => $open->writingLines[] = $piece,
            Role::EssayMark => $open->essayMarks[] = $piece,
            Role::Answer => $open->answers[] = $piece,
            Role::Explanation, Role::ExplanationText => $open->explanation[] = $piece,
            Role::Bookkeeping => $open->bookkeeping[] = $piece,
            Role::Points => $open->points[] = $piece,
            default => throw new \LogicException("A {$piece->role->name} belongs to no question."),
        };
    }

    /** “1. Look at the drawing. a) Name the part. (1 mark) b) Explain it. (3 marks)”: what looks like options are questions. */
    private function tasks(): void
    {
        $questions = [];
        foreach ($this->questions as $question) {
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
        $this->questions = $questions;
    }

    /** Numbered terms under “Match …”, with one lettered list below the last of them. */
    private function matchings(): void
    {
        $questions = [];
        for ($index = 0; $index < \count($this->questions); ++$index) {
            $section = $this->questions[$index]->section;
            if ('matching' !== $section->kind) {
                $questions[] = $this->questions[$index];
                continue;
            }
            $heading = $section->heading[\count($section->heading) - 1] ?? null;
            $end = $index;
            while (isset($this->questions[$end]) && $this->questions[$end]->section === $section && $this->questions[$end]->isBare()) {
                ++$end;
            }
            $last = $this->questions[$end] ?? null;
            if (null === $heading || $end === $index || $last?->section !== $section || \count($last->options) < 2) {
                $end = max($end, $index + 1);
                array_push($questions, ...\array_slice($this->questions, $index, $end - $index));
                $index = $end - 1;
                continue;
            }
            array_pop($section->heading);
            self::asStem($heading);
            $question = new PaperQuestion($section);
            $question->stem = [$heading];
            foreach (\array_slice($this->questions, $index, $end + 1 - $index) as $term) {
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
        $this->questions = $questions;
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

    /** Numbered questions, each with as many short lines below it as the others, where nothing has a letter or a box. */
    private function unmarkedOptions(): void
    {
        if ([] !== $this->survey->styles->optionStyles) {
            return;
        }
        foreach ($this->questions as $question) {
            // What a page of the web leaves of boxes: lines that stand further in than what they answer.
            $below = \array_slice($question->stem, 1);
            $further = array_filter($below, static fn (Piece $piece) => '' !== $piece->gap && \strlen($piece->text) < 80 && !str_ends_with($piece->text, '?'));
            $at = \count($below) - \count($further);
            if (\count($further) > 1 && $at < 2 && ($below[$at - 1] ?? $question->stem[0]) === $question->stem[$at] && '' === $question->stem[$at]->gap && str_ends_with($question->stem[$at]->text, '?')) {
                self::asOptions($question, $at + 1);
            }
        }
        if (\count($this->questions) < 2) {
            return;
        }
        $counts = array_map(static fn (PaperQuestion $question) => $question->isBare() ? \count($question->stem) - 1 : 0, $this->questions);
        if (min($counts) < 3 || max($counts) > 6 || 1 !== \count(array_unique($counts))) {
            return;
        }
        foreach ($this->questions as $question) {
            if (!Regex::match('/[?:]\z/', $question->stem[0]->text)) {
                return;
            }
        }
        foreach ($this->questions as $question) {
            self::asOptions($question, 1);
        }
    }

    private static function asOptions(PaperQuestion $question, int $from): void
    {
        foreach (array_splice($question->stem, $from) as $place => $piece) {
            $piece->role = Role::Option;
            $piece->option = new OptionMark('', $place + 1, false, '', $piece->text);
            $question->options[] = new PaperOption($piece, $piece->option);
        }
    }

    /** The key without what stands on every page. */
    public function keyText(): string
    {
        return implode("\n", array_map(static fn (Piece $piece) => $piece->text, array_filter($this->pieces, static fn (Piece $piece) => Role::Key === $piece->role)));
    }

    private function titles(): void
    {
        if ([] === $this->questions) {
            return;
        }
        $titles = [];
        foreach ($this->pieces as $piece) {
            if (Role::Question === $piece->role) {
                break;
            }
            if (Role::Passage === $piece->role || (Role::Heading === $piece->role && !PaperWords::all()->instructs($piece->text))) {
                $titles[] = $piece;
            }
        }
        if (\count($titles) > self::MOST_TITLES) {
            return;
        }
        foreach ($titles as $piece) {
            if (\strlen($piece->text) > self::LONGEST_TITLE || str_ends_with($piece->text, '?')) {
                return;
            }
            $piece->role = Role::Title;
        }
    }
}
