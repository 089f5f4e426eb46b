<?php

declare(strict_types=1);

namespace Notagram\Handover\Paper;

use Notagram\Question\KeptPicture;

/** A stretch of words that look alike, or a picture. */
final readonly class PaperRun
{
    /** @param list<string> $styles of “bold”, “italic”, “underline”, “raised”, “lowered”, “fixed” */
    public function __construct(public string $text, public array $styles = [], public ?KeptPicture $picture = null)
    {
    }
}
