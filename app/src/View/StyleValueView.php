<?php

declare(strict_types=1);

namespace App\View;

/** A value of a style, with the word that asks for it behind the target’s id; empty where it is the usual one. */
final readonly class StyleValueView
{
    public function __construct(
        public string $word,
        public string $label,
    ) {
    }
}
