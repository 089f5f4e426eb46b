<?php

declare(strict_types=1);

namespace Notagram\Notation\Braces;

use Notagram\Question\Weight;
use Notagram\Source\Span;

/** One entry between the braces, as spelled: a mark, perhaps a weight, a text, perhaps feedback. Offsets are the block's. */
final readonly class BraceEntry
{
    /**
     * @param string  $mark     = or ~, empty where the mark is missing
     * @param ?Weight $weight   the weight that is written, null where none is
     * @param ?string $feedback as spelled
     * @param Span    $span     from the mark up to the next entry
     * @param Span    $markSpan mark and weight
     */
    public function __construct(
        public string $mark,
        public ?Weight $weight,
        public string $text,
        public ?string $feedback,
        public Span $span,
        public Span $markSpan,
    ) {
    }

    public function isRight(): bool
    {
        return '=' === $this->mark;
    }

    public function weightOrDefault(): Weight
    {
        return $this->weight ?? ($this->isRight() ? Weight::full() : Weight::none());
    }
}
