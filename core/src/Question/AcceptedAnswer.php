<?php

declare(strict_types=1);

namespace Notagram\Question;

use Notagram\Source\Span;

/** One text that counts as right, wholly or in part. */
final readonly class AcceptedAnswer
{
    public function __construct(
        public string $text,
        public Weight $weight,
        public ?FormattedText $feedback,
        public Span $span,
    ) {
    }

    /** The text with every run of white space made one blank. */
    public function collapsed(): string
    {
        return (new FormattedText($this->text))->collapsed();
    }
}
