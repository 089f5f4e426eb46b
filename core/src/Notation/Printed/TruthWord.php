<?php

declare(strict_types=1);

namespace Notagram\Notation\Printed;

/** A word for true or false, and whether it is marked. */
final readonly class TruthWord
{
    public function __construct(public bool $isTrue, public bool $isMarked, public string $word)
    {
    }
}
