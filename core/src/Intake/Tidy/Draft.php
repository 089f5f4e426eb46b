<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy;

use Notagram\Message\Message;
use Notagram\Notation\Printed\Line;
use Notagram\Notation\Printed\Paper;
use Notagram\Notation\Printed\PaperOption;
use Notagram\Notation\Printed\PaperQuestion;
use Notagram\Notation\Printed\Piece;
use Notagram\Notation\Printed\Role;

/**
 * A printed test while it is tidied: its lines in their parts, each with the line of the original that it came from, and
 * what was done so far.
 *
 * A step changes lines through this object only, so that every change is remembered and a refused one is not made.
 */
final class Draft
{
    public ?string $title = null;
    /** @var list<Message> what was left where it is, and wants a look */
    public array $notes = [];
    /** @var list<DraftLine> in order */
    public array $lines = [];
    /** @var list<DraftQuestion> */
    public array $questions = [];

    private string $step = '';
    /** @var array<string, list<LineChange>> */
    private array $changes = [];
    /** @var array<string, list<LineChange>> */
    private array $refused = [];
    /** @var array<int, list<DraftLine>> what was put in, by the object that it follows */
    private array $following = [];
    private ?string $wholeText = null;

    public function __construct(public readonly Paper $paper, private readonly Refusals $refusals)
    {
        $lineOf = [];
        foreach ($paper->pieces as $piece) {
            $line = self::lineOf($piece);
            $line->place = \count($this->lines);
            $this->lines[] = $lineOf[spl_object_id($piece)] = $line;
        }
        foreach ($paper->questions as $question) {
            $this->questions[] = self::questionOf($question, $lineOf);
        }
    }

    private static function lineOf(Piece $piece): DraftLine
    {
        [$lead, $mark, $body] = match (true) {
            null !== $piece->number => [$piece->gap.$piece->number->lead, $piece->number->label, $piece->number->rest],
            null !== $piece->option => [$piece->gap, $piece->option->label, $piece->option->rest],
            default => [$piece->gap, '', $piece->text],
        };
        $line = new DraftLine($piece->line->number, $piece->role, $lead, $mark, $body);
        $line->isInner = $piece->isInner;

        return $line;
    }

    /** @param array<int, DraftLine> $lineOf by the object of the piece */
    private static function questionOf(PaperQuestion $paper, array $lineOf): DraftQuestion
    {
        $question = new DraftQuestion($paper);
        $question->stem = self::linesOf($paper->stem, $lineOf);
        $question->truths = self::linesOf($paper->truths, $lineOf);
        $question->pairs = self::linesOf($paper->pairs, $lineOf);
        $question->matchRows = self::linesOf($paper->matchRows, $lineOf);
        $question->writingLines = self::linesOf($paper->writingLines, $lineOf);
        $question->essayMarks = self::linesOf($paper->essayMarks, $lineOf);
        $question->answers = self::linesOf($paper->answers, $lineOf);
        $question->explanation = self::linesOf($paper->explanation, $lineOf);
        $question->bookkeeping = self::linesOf($paper->bookkeeping, $lineOf);
        $question->points = self::linesOf($paper->points, $lineOf);
        $question->prompts = self::linesOf($paper->prompts, $lineOf);
        $option = static fn (PaperOption $option) => new DraftOption($lineOf[spl_object_id($option->piece)], $option->mark, self::linesOf($option->more, $lineOf), $option->piece->line->isStrong && !$option->piece->isInner);
        $question->options = array_map($option, $paper->options);
        $question->matches = array_map($option, $paper->matches);

        return $question;
    }

    /**
     * @param list<Piece>           $pieces
     * @param array<int, DraftLine> $lineOf
     *
     * @return list<DraftLine>
     */
    private static function linesOf(array $pieces, array $lineOf): array
    {
        $lines = [];
        foreach ($pieces as $piece) {
            $lines[] = $lineOf[spl_object_id($piece)];
        }

        return $lines;
    }

    public function begin(string $step): void
    {
        $this->step = $step;
        $this->changes[$step] ??= [];
        $this->refused[$step] ??= [];
    }

    /** Remembers a change at a line of the original, unless it is refused. */
    public function allows(int $line, string $before, string $after): bool
    {
        $change = new LineChange($line, $before, $after);
        if ($this->refusals->includes($this->step, $line)) {
            $this->refused[$this->step][] = $change;

            return false;
        }
        $this->changes[$this->step][] = $change;

        return true;
    }

    /** Gives a line other parts; what is null stays. */
    public function edit(DraftLine $line, ?string $body = null, ?string $mark = null, ?string $lead = null): bool
    {
        $new = [$lead ?? $line->lead, $mark ?? $line->mark, $body ?? $line->body];
        if ($new === [$line->lead, $line->mark, $line->body]) {
            return true;
        }
        $isSame = $line->text() === implode('', $new);
        if ($line->isWhole || $line->isGone || (!$isSame && !$this->allows($line->origin, trim($line->text()), trim(implode('', $new))))) {
            return false;
        }
        [$line->lead, $line->mark, $line->body] = $new;

        return true;
    }

    public function drop(DraftLine $line): bool
    {
        if ($line->isGone) {
            return true;
        }
        if ($line->isWhole || !$this->allows($line->origin, trim($line->text()), '')) {
            return false;
        }

        return $line->isGone = true;
    }

    /** Puts a line in behind another one; null where that is refused. */
    public function putIn(DraftLine $behind, string $text, Role $role): ?DraftLine
    {
        if (!$this->allows($behind->origin, '', $text)) {
            return null;
        }
        $line = new DraftLine($behind->origin, $role, '', '', $text);
        $this->following[spl_object_id($behind)][] = $line;

        return $line;
    }

    /**
     * Makes one line of several that stand below each other; what is null of its parts stays.
     *
     * @param list<DraftLine> $others
     */
    public function join(DraftLine $first, array $others, string $body, ?string $mark = null, ?string $lead = null): bool
    {
        $before = implode("\n", array_map(static fn (DraftLine $line) => trim($line->text()), [$first, ...$others]));
        foreach ([$first, ...$others] as $line) {
            if ($line->isWhole) {
                return false;
            }
        }
        if (!$this->allows($first->origin, $before, trim(($lead ?? $first->lead).($mark ?? $first->mark).$body))) {
            return false;
        }
        [$first->lead, $first->mark, $first->body] = [$lead ?? $first->lead, $mark ?? $first->mark, $body];
        foreach ($others as $line) {
            $line->isGone = true;
        }

        return true;
    }

    /**
     * Puts lines in another order, each in the place of one of them.
     *
     * @param list<DraftLine> $lines
     * @param list<DraftLine> $sorted
     */
    public function reorder(array $lines, array $sorted): void
    {
        $places = array_map(static fn (DraftLine $line) => $line->place, $lines);
        sort($places);
        foreach ($sorted as $index => $line) {
            $line->place = $places[$index];
            $this->lines[$line->place] = $line; // @phpstan-ignore assign.propertyType (the key is there)
        }
    }

    public function wholeText(): string
    {
        return $this->wholeText ??= implode("\n", array_map(static fn (Line $line) => $line->text, $this->paper->lines));
    }

    /** @return list<DraftLine> all lines that are there, what was put in with them */
    public function there(): array
    {
        $there = [];
        foreach ($this->lines as $line) {
            foreach ([$line, ...$this->behind($line)] as $one) {
                if (!$one->isGone) {
                    $there[] = $one;
                }
            }
        }

        return $there;
    }

    /** @return list<DraftLine> */
    private function behind(DraftLine $line): array
    {
        $behind = [];
        foreach ($this->following[spl_object_id($line)] ?? [] as $one) {
            array_push($behind, $one, ...$this->behind($one));
        }

        return $behind;
    }

    public function note(Message $note): void
    {
        $this->notes[] = $note;
    }

    /** @return list<LineChange> */
    public function changesOf(string $step): array
    {
        return $this->changes[$step] ?? [];
    }

    /** @return list<LineChange> */
    public function refusedOf(string $step): array
    {
        return $this->refused[$step] ?? [];
    }
}
