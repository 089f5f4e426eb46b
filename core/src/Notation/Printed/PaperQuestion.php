<?php

declare(strict_types=1);

namespace Notagram\Notation\Printed;

/** One question of a printed test, with the pieces that belong to it. */
final class PaperQuestion
{
    /** @var list<Piece> the first with the number, if it has one */
    public array $stem = [];
    /** @var list<PaperOption> */
    public array $options = [];
    /** @var list<Piece> */
    public array $truths = [];
    /** @var list<Piece> */
    public array $pairs = [];
    /** @var list<Piece> */
    public array $matchRows = [];
    /** @var list<Piece> what is to be matched, where it stands above a list of its own */
    public array $prompts = [];
    /** @var list<PaperOption> that list */
    public array $matches = [];
    /** @var list<Piece> */
    public array $writingLines = [];
    /** @var list<Piece> */
    public array $essayMarks = [];
    /** @var list<Piece> */
    public array $answers = [];
    /** @var list<Piece> */
    public array $explanation = [];
    /** @var list<Piece> */
    public array $bookkeeping = [];
    /** @var list<Piece> */
    public array $points = [];

    public function __construct(public readonly Section $section)
    {
    }

    public function first(): Piece
    {
        return $this->stem[0];
    }

    public function last(): Piece
    {
        return $this->stem[\count($this->stem) - 1];
    }

    public function number(): ?NumberMark
    {
        $mark = $this->stem[0]->number;

        return NumberMark::PART === $mark?->style ? null : $mark;
    }

    /** Whether nothing below the stem answers it, or asks for an answer. */
    public function isBare(): bool
    {
        return [] === $this->options && [] === $this->truths && [] === $this->pairs && [] === $this->matchRows && [] === $this->prompts && [] === $this->essayMarks && [] === $this->answers;
    }

    /** The stem on one line, as it is printed, without its number. */
    public function stemText(): string
    {
        $texts = array_map(static fn (Piece $piece) => $piece->text, $this->stem);
        $texts[0] = $this->stem[0]->number->rest ?? $texts[0];

        return trim(implode(' ', $texts));
    }
}
