<?php

declare(strict_types=1);

namespace Notagram\Draft;

use Notagram\Source\Span;

/** What stands in a draft in place of one stretch of its sentence. */
final readonly class Exchange
{
    /** @param Span $span within the sentence */
    public function __construct(public Span $span, public string $by)
    {
    }
}
