<?php

declare(strict_types=1);

namespace Notagram\Draft;

use Notagram\Source\Span;

/** A stretch of a sentence that a pupil is to fill in. */
final readonly class Blank
{
    /**
     * @param Span                   $span     within the sentence
     * @param non-empty-list<string> $accepted what stands there, first of all
     */
    public function __construct(public Span $span, public array $accepted)
    {
    }
}
