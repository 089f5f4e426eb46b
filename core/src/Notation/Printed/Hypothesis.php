<?php

declare(strict_types=1);

namespace Notagram\Notation\Printed;

/** One way to read a test up to one of its pieces, with what that piece is in it. */
final readonly class Hypothesis
{
    /**
     * @param float  $cost   of all that was taken for something so far
     * @param int    $number of the last question, 0 before the first
     * @param string $sub    its letter, of “1a”
     * @param string $style  how the options of the open question are marked
     * @param int    $letter the last of them, from 1
     * @param bool   $isHeaded whether a heading stands above, and no question since
     * @param int    $before which hypothesis about the piece before it goes on with
     */
    public function __construct(
        public float $cost,
        public Phase $phase,
        public int $number,
        public string $sub,
        public string $style,
        public int $letter,
        public bool $isHeaded,
        public Role $role,
        public int $before,
        public ?NumberMark $numberMark = null,
        public ?OptionMark $optionMark = null,
    ) {
    }

    public static function start(): self
    {
        return new self(0.0, Phase::Outside, 0, '', '', 0, true, Role::Blank, 0);
    }

    /** What follows depends on nothing else: of two that agree in it, the cheaper one is kept. */
    public function key(): string
    {
        return "{$this->phase->value}|{$this->number}|{$this->sub}|{$this->style}|{$this->letter}|".($this->isHeaded ? '1' : '0');
    }

    /** A piece that belongs to the open question, or to none. */
    public function going(float $cost, Phase $phase, Role $role, int $before): self
    {
        return new self($this->cost + $cost, $phase, $this->number, $this->sub, $this->style, $this->letter, $this->isHeaded, $role, $before);
    }

    /** A piece that ends the open question. */
    public function leaving(float $cost, Phase $phase, Role $role, int $before): self
    {
        return new self($this->cost + $cost, $phase, $this->number, $this->sub, '', 0, $this->isHeaded || Phase::Headed === $phase, $role, $before);
    }

    /** A piece that begins a question. */
    public function asking(float $cost, ?NumberMark $mark, int $before): self
    {
        return new self($this->cost + $cost, Phase::Stem, null === $mark || 'Q:' === $mark->style ? $this->number + 1 : $mark->value, $mark->sub ?? '', '', 0, false, Role::Question, $before, $mark);
    }

    /** A piece that begins an option. */
    public function offering(float $cost, OptionMark $mark, int $before): self
    {
        return new self($this->cost + $cost, Phase::Options, $this->number, $this->sub, $mark->style, $mark->isUnlettered() ? $this->letter + 1 : $mark->index, false, Role::Option, $before, null, $mark);
    }
}
