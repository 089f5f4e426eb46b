<?php

declare(strict_types=1);

namespace App\View;

/** What a draw gives, and how likely things are. */
final readonly class DrawView
{
    /**
     * @param list<int>          $drawn    numbers, in the order drawn
     * @param string             $least    the points of the draw that is worth least, so too most
     * @param string             $sets     how many different sets there are
     * @param string             $disjoint per cent, that two pupils get no question in common
     * @param string             $same     per cent, that they get the same ones
     * @param list<DrawLineView> $lines
     */
    public function __construct(
        public string $seed,
        public array $drawn,
        public string $least,
        public string $most,
        public string $sets,
        public string $disjoint,
        public string $same,
        public array $lines,
    ) {
    }
}
