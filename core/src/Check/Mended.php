<?php

declare(strict_types=1);

namespace Notagram\Check;

use Notagram\Source\SourceText;

final readonly class Mended
{
    /**
     * @param array<string, int> $changes how many findings of each code were mended
     */
    public function __construct(public SourceText $source, public array $changes)
    {
    }
}
