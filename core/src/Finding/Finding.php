<?php

declare(strict_types=1);

namespace Notagram\Finding;

use Notagram\Source\Span;

/**
 * One thing the check says about a span: what is wrong, and what to do.
 *
 * Its span is in the coordinates of whatever was checked: a block's own text for what readers and question rules say,
 * the sheet's text for what sheet rules say. One that is off is counted, but asks for nothing.
 */
final readonly class Finding
{
    public function __construct(
        public string $code,
        public Level $level,
        public Span $span,
        public string $message,
        public string $advice,
        public ?Fix $fix = null,
        public bool $isOff = false,
        /** What would mend it, until the notation has said how: {@see Remedy}. */
        public ?Remedy $remedy = null,
        /** Whether it says again what another one says of the question beside it: the slip is one, and counts once. */
        public bool $isEcho = false,
    ) {
    }

    public static function fault(string $code, Span $span, string $message, string $advice, ?Fix $fix = null): self
    {
        return new self($code, Level::Fault, $span, $message, $advice, $fix);
    }

    public static function doubt(string $code, Span $span, string $message, string $advice, ?Fix $fix = null): self
    {
        return new self($code, Level::Doubt, $span, $message, $advice, $fix);
    }

    public static function hint(string $code, Span $span, string $message, string $advice, ?Fix $fix = null): self
    {
        return new self($code, Level::Hint, $span, $message, $advice, $fix);
    }

    public function withRemedy(?Remedy $remedy): self
    {
        return new self($this->code, $this->level, $this->span, $this->message, $this->advice, $this->fix, $this->isOff, $remedy);
    }

    /** With the edits that its remedy comes to; null where there is no way to make them. */
    public function remediedBy(?Fix $fix): self
    {
        return new self($this->code, $this->level, $this->span, $this->message, $this->advice, $fix, $this->isOff);
    }

    public function shiftedBy(int $bytes): self
    {
        return new self($this->code, $this->level, $this->span->shiftedBy($bytes), $this->message, $this->advice, $this->fix?->shiftedBy($bytes), $this->isOff, isEcho: $this->isEcho);
    }

    public function switchedOff(): self
    {
        return new self($this->code, $this->level, $this->span, $this->message, $this->advice, $this->fix, true, isEcho: $this->isEcho);
    }

    public function asEcho(): self
    {
        return new self($this->code, $this->level, $this->span, $this->message, $this->advice, $this->fix, $this->isOff, isEcho: true);
    }
}
