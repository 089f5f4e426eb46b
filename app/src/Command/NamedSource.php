<?php

declare(strict_types=1);

namespace App\Command;

use Notagram\Source\SourceText;

/** A source with the name it was asked for by. */
final readonly class NamedSource
{
    public function __construct(public string $name, public SourceText $source)
    {
    }
}
