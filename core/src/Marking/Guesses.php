<?php

declare(strict_types=1);

namespace Notagram\Marking;

use Brick\Math\BigInteger;
use Brick\Math\BigRational;

/** So many questions that are guessed alike. */
final readonly class Guesses
{
    public BigRational $lowest;
    public BigRational $highest;

    /**
     * @param int<1, max>             $times    how many questions
     * @param non-empty-list<Outcome> $outcomes of each of them
     */
    public function __construct(public int $times, public array $outcomes)
    {
        $earns = array_map(static fn (Outcome $outcome) => $outcome->earns, $outcomes);
        $this->lowest = BigRational::min(...$earns);
        $this->highest = BigRational::max(...$earns);
    }

    public function scaledBy(BigRational|BigInteger $factor): self
    {
        return new self($this->times, array_map(static fn (Outcome $outcome) => new Outcome($outcome->earns->multipliedBy($factor), $outcome->ways), $this->outcomes));
    }
}
