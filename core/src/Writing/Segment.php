<?php

declare(strict_types=1);

namespace Notagram\Writing;

/** A block of a sheet that can be put elsewhere. */
final class Segment
{
    /**
     * @param string $text   without the line ends around it
     * @param string $behind what parts it from the next: line ends and blank lines
     * @param ?int   $number its number in the sheet as it was; null where it has none
     * @param ?int   $printed the number printed before it
     * @param list<string> $category the path it is filed under
     * @param bool   $opensCategory whether it is the line that says so
     * @param ?int   $run    which run of printed numbers it belongs to
     */
    public function __construct(public string $text, public string $behind, public readonly ?int $number, public readonly ?int $printed, public ?int $run, public array $category = [], public readonly bool $opensCategory = false)
    {
    }
}
