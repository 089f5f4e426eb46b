<?php

declare(strict_types=1);

namespace Notagram\Intake\Word;

/** One level of a numbered list. */
final readonly class WordLevel
{
    /**
     * @param string  $text          with %1 for the number of the first level, and so on
     * @param ?int    $restartsAfter the level, counted from 1, after which it begins anew; 0 for never, null for any higher one
     * @param bool    $isLegal       whether all numbers in it are shown as decimals
     * @param ?string $style         the paragraph style that stands for it
     */
    public function __construct(public int $start, public string $format, public string $text, public ?int $restartsAfter, public bool $isLegal, public ?string $style)
    {
    }
}
