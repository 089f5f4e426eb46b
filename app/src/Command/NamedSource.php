<?php

declare(strict_types=1);

namespace App\Command;

use Notagram\Intake\Manuscript;
use Notagram\Source\SourceText;

/** A source with the name it was asked for by, and the document it was read from, if it was one. */
final readonly class NamedSource
{
    /**
     * @param string $bytes    of the file
     * @param bool   $isOfRows whether its questions were made of a table or a list of terms
     */
    public function __construct(public string $name, public string $bytes, public SourceText $source, public ?Manuscript $manuscript = null, public bool $isOfRows = false)
    {
    }
}
