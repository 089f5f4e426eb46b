<?php

declare(strict_types=1);

namespace App\View;

use Notagram\Editing\ChangedPlace;

/** What a file would read like in another encoding: the first lines that differ, and how much would mean nothing. */
final readonly class DecodingView
{
    /**
     * @param int $lost how many stretches of the bytes mean nothing in it
     * @param list<ChangedPlace> $lines the first of those that differ
     * @param int $differing how many differ in all
     */
    public function __construct(
        public EncodingView $encoding,
        public int $lost,
        public array $lines,
        public int $differing,
    ) {
    }
}
