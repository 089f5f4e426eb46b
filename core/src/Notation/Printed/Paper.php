<?php

declare(strict_types=1);

namespace Notagram\Notation\Printed;

use Notagram\Notation\Key\KeyEntry;
use Notagram\Notation\Key\KeyList;
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
    /** @var ?list<KeyEntry> */
    private ?array $key = null;
    /** @var ?array<int, string> its answers by number */
    private ?array $keyed = null;
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
        $cells = QuestionTable::piecesOf($lines, $survey->settled);
        foreach ($lines as $index => $line) {
            if (isset($cells[$index])) {
                array_push($pieces, ...$cells[$index]);
                continue;
            }
            $role = $survey->settled[$index];
            $ofLine = null === $role ? $line->takePieces() : [new Piece($line, '', $line->trimmed(), false)];
            foreach ($ofLine as $piece) {
                $piece->role = $role ?? Role::Passage;
                $pieces[] = $piece;
            }
        }
        $paper = new self($lines, $pieces, $survey);
        if (!PrintedColumns::settle($pieces) && [] === $cells && $survey->styles->isUnmarked) {
            Unmarked::settle($pieces);
        } else {
            (new BestFit($pieces, $survey->styles))->choose();
        }
        $paper->assemble();

        return $paper;
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
        if ([] === $this->survey->styles->optionStyles) {
            Unmarked::options($this->questions);
        }
        $this->questions = Regrouping::matchings(Regrouping::tasks($this->questions));
        foreach ($this->questions as $question) {
            Regrouping::blankedTerms($question, $this->keyOf(...));
        }
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
            Regrouping::asStem($heading);
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

    /** What the key says of a question, by its number; empty where it says nothing. */
    public function keyOf(PaperQuestion $question): string
    {
        if (null === $this->keyed) {
            $this->keyed = [];
            foreach ($this->key() as $entry) {
                $this->keyed[$entry->number ?? 0] ??= $entry->answer;
            }
        }

        return $this->keyed[$question->number()->value ?? -1] ?? '';
    }

    /** @return list<KeyEntry> what the key says, in its order */
    public function key(): array
    {
        return $this->key ??= KeyList::read($this->keyText());
    }

    /** The key without what stands on every page. */
    private function keyText(): string
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
        $numbered = array_filter($titles, static fn (Piece $piece) => [] !== $piece->form()->numbers());
        if (\count($titles) > self::MOST_TITLES || \count($numbered) > 1) {
            return;
        }
        foreach ($titles as $piece) {
            if (\strlen($piece->text) > self::LONGEST_TITLE || str_ends_with($piece->text, '?') || str_contains($piece->text, '___')) {
                return;
            }
            $piece->role = Role::Title;
        }
    }
}
