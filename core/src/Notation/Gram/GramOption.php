<?php

declare(strict_types=1);

namespace Notagram\Notation\Gram;

use Notagram\Source\Span;

/** An option as it stands in the lines of a block: its mark, its text, and the texts of feedback below it. */
final class GramOption
{
    /** @var list<list<string>> each text line by line */
    public array $feedback = [];
    /** Where the last line of its text ends. */
    public int $textEnd;
    /** Where the sign of its first feedback stands. */
    public ?int $feedbackAt = null;

    /** @param list<string> $lines of its text, without what makes them text */
    public function __construct(
        public readonly GramMark $mark,
        public array $lines,
        /** Where its mark starts, in the block. */
        public readonly int $start,
        public int $end,
    ) {
        $this->textEnd = $end;
    }

    public function span(): Span
    {
        return new Span($this->start, $this->end);
    }

    /** The sign and the weight. */
    public function mark(): Span
    {
        return new Span($this->start, $this->start + $this->mark->signLength());
    }

    public function text(): string
    {
        return trim(implode("\n", $this->lines));
    }

    /** What stands on its first line behind the mark, in the block. */
    public function textAt(): int
    {
        return $this->start + $this->mark->length;
    }
}
