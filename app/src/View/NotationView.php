<?php

declare(strict_types=1);

namespace App\View;

use Notagram\Notation\Part;

/** A notation, with an example for each type it holds. */
final readonly class NotationView
{
    /**
     * @param list<ExampleView> $examples
     * @param ?string           $switchOff the line that, with a code after it, switches a kind of finding off for the question below; null where there is none
     * @param list<Part>        $parts what it has a place for, besides stem and answers
     * @param string            $usualTarget what a sheet in it is most often handed over as
     */
    public function __construct(
        public string $id,
        public string $label,
        public array $examples,
        public ?string $switchOff,
        public bool $canBeTidied,
        public array $parts,
        public bool $holdsPictures,
        public string $usualTarget,
    ) {
    }
}
