<?php

declare(strict_types=1);

namespace Notagram\Question;

use Notagram\Source\Span;

/** A value with its tolerance, or a range from a least to a greatest number; each a decimal as written, with a point. */
final readonly class AcceptedNumber
{
    private function __construct(
        public bool $isRange,
        public string $first,
        public string $second,
        public Weight $weight,
        public ?FormattedText $feedback,
        public Span $span,
    ) {
    }

    public static function near(string $value, string $tolerance, Weight $weight, ?FormattedText $feedback, Span $span): self
    {
        return new self(false, $value, $tolerance, $weight, $feedback, $span);
    }

    public static function between(string $min, string $max, Weight $weight, ?FormattedText $feedback, Span $span): self
    {
        return new self(true, $min, $max, $weight, $feedback, $span);
    }

    public function withFeedback(?FormattedText $feedback): self
    {
        return new self($this->isRange, $this->first, $this->second, $this->weight, $feedback, $this->span);
    }

    /** As the notations write it: 34..36, 35:1, or 35 alone where nothing is tolerated. */
    public function spelled(): string
    {
        return match (true) {
            $this->isRange => "{$this->first}..{$this->second}",
            '0' === $this->second => $this->first,
            default => "{$this->first}:{$this->second}",
        };
    }
}
