<?php

declare(strict_types=1);

namespace Notagram\Intake\Terms;

/** A term and what it means. */
final readonly class TermPair
{
    public function __construct(public string $term, public string $definition)
    {
    }

    public function side(TermSide $side): string
    {
        return TermSide::Term === $side ? $this->term : $this->definition;
    }
}
