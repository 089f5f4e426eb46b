<?php

declare(strict_types=1);

namespace Notagram\Notation;

use Notagram\Question\Question;

/**
 * Writes a changed question over the old one, so that what was not changed stays as it was typed.
 *
 * An option, accepted answer, number or pair that was there before is known by its span; a new one stands nowhere yet
 * ({@see \Notagram\Source\Span::nowhere()}).
 */
interface Rewriter
{
    /**
     * The text of the block with the question changed; null where the question has to be written out anew.
     *
     * @param string $text the block's own, which the reading is of
     *
     * Whether it says what is meant, only reading it tells
     */
    public function rewritten(Block $block, BlockReading $reading, string $text, Question $new): ?string;

    /** The same for a text that already has a word of its own for points. */
    public function speaking(string $sheet): self;

    /** @return list<Part> what the notation has a place for */
    public function parts(): array;

    /** Whether even weights need not be written: then they are shared among what is right, however many these are. */
    public function sharesWeights(): bool;

    /** Whether a key list further down says which answer of this question is right. */
    public function isKeyedElsewhere(Block $block): bool;

    /**
     * A text as it is spelled where it is put in.
     *
     * @param string $before the block's own text up to there
     */
    public function spelledAt(string $before, string $text): string;

    /** What stands before a question without being part of it: the number printed there. */
    public function head(string $text): string;
}
