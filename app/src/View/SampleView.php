<?php

declare(strict_types=1);

namespace App\View;

/** A document that ships with the program, to try it with. */
final readonly class SampleView
{
    public function __construct(
        public string $name,
        public string $fileName,
    ) {
    }
}
