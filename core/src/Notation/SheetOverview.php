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
    public function __construct(public SourceText $source, public int $questions)
    {
    }

    /** @param list<Block> $blocks */
    public static function of(SourceText $source, array $blocks): self
    {
        $questions = 0;
        foreach ($blocks as $block) {
            $questions += $block->kind->isNumbered() ? 1 : 0;
        }

        return new self($source, $questions);
    }
}
