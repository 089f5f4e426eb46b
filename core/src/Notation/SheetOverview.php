<?php

declare(strict_types=1);

namespace Notagram\Notation;

use Notagram\Source\SourceText;

/** What is known of a whole text once it is split, before any block is read. */
final readonly class SheetOverview
{
    /**
     * @param int $questions that an author would count, broken ones included
     */
    private function __construct(public SourceText $source, public int $questions)
    {
    }

    /** @param list<Block> $blocks */
    public static function of(SourceText $source, array $blocks): self
    {
        return new self($source, \count(array_filter($blocks, static fn (Block $block) => $block->kind->isNumbered())));
    }
}
