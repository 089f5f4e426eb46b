<?php

declare(strict_types=1);

namespace Notagram\Handover\Qti;

use Notagram\Notation\Loss;

/** A question as an item, and what it loses on the way. */
final readonly class WrittenItem
{
    /** @param list<Loss> $losses */
    public function __construct(public Element $element, public array $losses)
    {
    }
}
