<?php

declare(strict_types=1);

namespace Notagram\Notation;

/** A block of a sheet with its reading and what its place among the others adds. */
final readonly class PlacedBlock
{
    /**
     * @param ?int         $number   its place among the questions, from 1; null where it is not counted
     * @param list<string> $category the path it is filed under
     */
    public function __construct(
        public Block $block,
        public BlockReading $reading,
        public ?int $number,
        public array $category,
    ) {
    }
}
