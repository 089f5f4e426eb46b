<?php

declare(strict_types=1);

namespace Notagram\Draft;

use Notagram\Handover\GoingOn;
use Notagram\Intake\Tidy\Tidy;
use Notagram\Message\Message;
use Notagram\Notation\BlockKind;
use Notagram\Notation\Notation;
use Notagram\Notation\Notations;
use Notagram\Notation\PlacedBlock;
use Notagram\Notation\ReadSheet;
use Notagram\Question\QuestionType;
use Notagram\Source\LineEnding;
use Notagram\Source\Regex;
use Notagram\Source\SourceText;

/** What an assistant answered to a request, as drafts: without fences and chatter around the questions, tidied, in the notation that is wanted. */
final readonly class Reply
{
    private const FENCE = '/^[ \t]*+(?:`{3,}+|~{3,}+)[^\n`]*+$\n?+/m';
    /** Characters of what is named. */
    private const LONGEST_NAMED = 80;

    /**
     * @param ReadSheet         $sheet the questions with what stands between them
     * @param list<string>      $left  what stood around them
     */
    private function __construct(private ReadSheet $sheet, private array $left)
    {
    }

    /** Null where no question can be read in it. */
    public static function read(string $reply, Notation $into): ?WrittenDrafts
    {
        $reply = LineEnding::folded($reply);
        $fenced = self::fenced($reply);
        $whole = self::of(Regex::replace(self::FENCE, "\n", $reply), [], $into);
        $inside = null === $fenced ? null : self::of($fenced[0], $fenced[1], $into);
        $best = null !== $inside && $inside->count() >= $whole->count() ? $inside : $whole;

        return 0 === $best->count() ? null : $best->written($into);
    }

    /**
     * In the notation that it looks like, or in the one that was asked for, where that finds more in it.
     *
     * @param list<string> $left
     */
    private static function of(string $text, array $left, Notation $asked): self
    {
        $detected = Notations::detect($text);
        $reply = self::in($detected, $text, $left);
        if ($asked->id() === $detected->id() || $asked->isPrinted()) {
            return $reply;
        }
        $other = self::in($asked, $text, $left);

        return $other->count() > $reply->count() ? $other : $reply;
    }

    /** @param list<string> $left */
    private static function in(Notation $notation, string $text, array $left): self
    {
        $sheet = ReadSheet::of(SourceText::fromUtf8($notation->isPrinted() ? Tidy::of($text)->text : $text), $notation);
        $asking = array_keys(array_filter($sheet->blocks, self::asks(...)));
        if ([] === $asking) {
            return new self($sheet, $left);
        }
        // What leads to the first question is chatter, unless it files or notes something.
        $first = $asking[0];
        while ($first > 0 && !\in_array($sheet->blocks[$first - 1]->reading->kind, [BlockKind::Question, BlockKind::Broken], true)) {
            --$first;
        }
        $last = $sheet->blocks[$asking[\count($asking) - 1]]->block->end;
        $start = $sheet->blocks[$first]->block->start;
        $around = array_map(trim(...), [substr($sheet->source->text, 0, $start), substr($sheet->source->text, $last)]);

        return new self(
            ReadSheet::of(SourceText::fromUtf8(substr($sheet->source->text, $start, $last - $start)), $notation),
            [...$left, ...array_values(array_filter($around, static fn (string $text) => '' !== $text))],
        );
    }

    /** Whether a block is a question that asks something. */
    private static function asks(PlacedBlock $placed): bool
    {
        return BlockKind::Broken === $placed->reading->kind || (null !== $placed->reading->question && QuestionType::Stimulus !== $placed->reading->question->type());
    }

    private function count(): int
    {
        return \count(array_filter($this->sheet->blocks, static fn (PlacedBlock $placed) => null !== $placed->reading->question && self::asks($placed)));
    }

    private function written(Notation $into): WrittenDrafts
    {
        $notes = array_map(static fn (string $left) => Message::of('draft/left-out', text: mb_strimwidth(Regex::replace('/\s++/u', ' ', $left), 0, self::LONGEST_NAMED, '…', 'UTF-8')), $this->left);
        if ($into->id() === $this->sheet->notation->id()) {
            return DraftMark::put(new WrittenDrafts($into, rtrim($this->sheet->source->text)."\n", $notes));
        }
        $goingOn = GoingOn::of($this->sheet, $into);

        return DraftMark::put(new WrittenDrafts($into, $goingOn->text, [...$notes, ...$goingOn->losses]));
    }

    /**
     * What stands in fences, and what stands around them.
     *
     * @return ?array{string, list<string>}
     */
    private static function fenced(string $reply): ?array
    {
        $pieces = Regex::split(self::FENCE, $reply);
        if (1 === \count($pieces)) {
            return null;
        }
        $inside = $around = [];
        foreach ($pieces as $index => $piece) {
            if ('' !== trim($piece)) {
                if (1 === $index % 2) {
                    $inside[] = trim($piece, "\n");
                } else {
                    $around[] = trim($piece);
                }
            }
        }

        return [implode("\n\n", $inside), $around];
    }
}
