<?php

declare(strict_types=1);

namespace App\View;

/** A place where words were found, with some of what stands around them. */
final readonly class HitView
{
    /** @param ?int $question as it is counted; null between the questions */
    public function __construct(public string $sheet, public string $title, public ?int $question, public string $before, public string $match, public string $after)
    {
    }
}
