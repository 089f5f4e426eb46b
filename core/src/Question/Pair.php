<?php

declare(strict_types=1);

namespace Notagram\Question;

use Notagram\Source\Span;

final readonly class Pair
{
    public function __construct(public FormattedText $prompt, public string $match, public Span $span)
    {
    }
}
