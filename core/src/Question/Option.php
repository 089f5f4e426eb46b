<?php

declare(strict_types=1);

namespace Notagram\Question;

use Notagram\Source\Span;

/** One of the choices offered. */
final readonly class Option
{
    /**
     * @param Span $span the whole option in the source, mark and feedback included
     * @param int  $markLength of what says at its start how much it earns; 0 where nothing does
     */
    public function __construct(
        public FormattedText $text,
        public Weight $weight,
        public bool $isKey,
        public ?FormattedText $feedback,
        public Span $span,
        public int $markLength,
    ) {
    }

    /** What says in the source how much it earns; empty where nothing does. */
    public function mark(): Span
    {
        return new Span($this->span->start, $this->span->start + $this->markLength);
    }
}
