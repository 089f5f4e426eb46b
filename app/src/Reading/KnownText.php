<?php

declare(strict_types=1);

namespace App\Reading;

use Notagram\Editing\BlockMap;

/** A text that the browser has the reading of. */
final readonly class KnownText
{
    public function __construct(public string $text, public BlockMap $map)
    {
    }
}
