<?php

declare(strict_types=1);

namespace Notagram\Rehearsal;

use Notagram\Notation\PlacedBlock;
use Notagram\Question\Question;
use Notagram\Rehearsal\Receiver\ReceivedPiece;
use Notagram\Rehearsal\Receiver\Refused;
use Notagram\Source\LineMap;
use Notagram\Source\Span;

/** One of our questions with the pieces that the receiver has of it, or a piece that is of none. */
final readonly class Place
{
    /**
     * @param ?PlacedBlock $placed null where a piece lies in no question
     * @param list<ReceivedPiece>  $pieces all that touch it; none where the file does not hold the question
     * @param int          $line   where it begins
     * @param bool         $isAsSeen whether it came in another form, in which only what a pupil sees can be compared
     */
    private function __construct(public ?PlacedBlock $placed, private array $pieces, private int $line, private bool $isAsSeen = false)
    {
    }

    public static function leftOut(PlacedBlock $placed, int $line): self
    {
        return new self($placed, [], $line);
    }

    /**
     * A question of which the receiver has just one piece, wherever that stands in what it got.
     *
     * @param list<string> $category
     */
    public static function arrivedAs(PlacedBlock $placed, Question $question, array $category, int $line): self
    {
        return new self($placed, [ReceivedPiece::taken(new Span($placed->block->start, $placed->block->end), $category, $question)], $line, true);
    }

    /**
     * @param list<PlacedBlock> $questions placed in the text that the receiver got
     * @param list<ReceivedPiece>       $pieces
     *
     * @return list<self> in the order of the text
     */
    public static function inText(string $text, array $questions, array $pieces): array
    {
        $lines = new LineMap($text);
        $places = [];
        $next = 0;
        foreach ($questions as $placed) {
            // What ends before the question lies in none.
            for (; isset($pieces[$next]) && $pieces[$next]->span->end <= $placed->block->start; ++$next) {
                if (!self::touchesLast($places, $pieces[$next])) {
                    $places[] = self::stray($pieces[$next], $lines);
                }
            }
            $here = [];
            for ($index = $next; isset($pieces[$index]) && $pieces[$index]->span->start < $placed->block->end; ++$index) {
                $here[] = $pieces[$index];
            }
            $places[] = new self($placed, $here, $lines->lineAt($placed->block->start));
        }
        for (; isset($pieces[$next]); ++$next) {
            if (!self::touchesLast($places, $pieces[$next])) {
                $places[] = self::stray($pieces[$next], $lines);
            }
        }

        return $places;
    }

    /** @param list<self> $places */
    private static function touchesLast(array $places, ReceivedPiece $piece): bool
    {
        $last = $places[array_key_last($places) ?? -1] ?? null;

        return null !== $last && null !== $last->placed && $piece->span->start < $last->placed->block->end;
    }

    private static function stray(ReceivedPiece $piece, LineMap $lines): self
    {
        return new self(null, [$piece], $lines->lineAt($piece->span->start));
    }

    public function number(): ?int
    {
        return $this->placed?->number;
    }

    /** Whether a receiver comes to it at all. */
    public function isInTheFile(): bool
    {
        return [] !== $this->pieces;
    }

    /** Null where it is taken. */
    public function notTaken(): ?NotTaken
    {
        foreach ($this->pieces as $piece) {
            if (null !== $piece->refusal) {
                return new NotTaken($this->number(), $piece->refusal->line, $piece->refusal->reason);
            }
        }
        if (null === $this->placed || 1 === \count($this->pieces) && $this->holds($this->pieces[0])) {
            return null;
        }
        $why = match (\count($this->pieces)) {
            0 => 'not-in-the-file',
            1 => 'joined',
            default => 'in-pieces',
        };

        return new NotTaken($this->number(), $this->line, Refused::because($why, 0)->reason);
    }

    /** The question as the receiver holds it; null where it does not. */
    public function arrived(): ?Arrived
    {
        $number = $this->number();
        $question = $this->pieces[0]->question ?? null;

        return null === $number || null === $question || null !== $this->notTaken() ? null : new Arrived($number, $question, $this->pieces[0]->category);
    }

    /** @return list<Difference> */
    public function differences(): array
    {
        $differences = [];
        $number = $this->number();
        foreach ($this->pieces as $index => $piece) {
            $theirs = $piece->question;
            if (null === $theirs || (null !== $this->placed && !$this->holds($piece))) {
                continue;
            }
            if (null === $this->placed || null === $number || $index > 0) {
                $differences[] = Difference::extra($number, $theirs);
                continue;
            }
            $ours = $this->placed->reading->question;
            array_push($differences, ...null === $ours
                ? [new Difference($number, 'type', '', $theirs->type()->value)]
                : Difference::between($ours, $this->placed->category, $theirs, $piece->category, $number, $this->isAsSeen));
        }

        return $differences;
    }

    private function holds(ReceivedPiece $piece): bool
    {
        return null !== $this->placed && $this->placed->block->start <= $piece->span->start && $piece->span->end <= $this->placed->block->end;
    }
}
