<?php

declare(strict_types=1);

namespace Notagram\Notation;

/** All that the reading of a block may know of its neighbours. */
final readonly class Surroundings
{
    /**
     * @param bool   $touchesPrevious whether no blank line parts it from the block before, so too for the one after
     * @param bool   $startsMidLine   whether not even a line feed does
     * @param string $context         what a notation's splitter hands on, in the notation's own form
     */
    public function __construct(
        public bool $touchesPrevious = false,
        public bool $touchesNext = false,
        public bool $startsMidLine = false,
        public string $context = '',
    ) {
    }
}
