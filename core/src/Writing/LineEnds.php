<?php

declare(strict_types=1);

namespace Notagram\Writing;

use Notagram\Source\LineEnding;

/** New lines end as all lines of a text do. */
final readonly class LineEnds
{
    private function __construct(private LineEnding $kind)
    {
    }

    public static function of(string $text): self
    {
        return new self(LineEnding::of($text));
    }

    public function in(string $block): string
    {
        return match ($this->kind) {
            LineEnding::Crlf => str_replace("\n", "\r\n", LineEnding::folded($block)),
            LineEnding::Cr => str_replace("\n", "\r", LineEnding::folded($block)),
            LineEnding::Lf, LineEnding::Mixed => $block,
        };
    }
}
