<?php

declare(strict_types=1);

namespace App\View;

use OpenApi\Attributes as OA;

/** A value of a style, with the word that asks for it behind the target’s id; empty where it is the usual one. */
#[OA\Schema(required: ['word', 'label'])]
final readonly class StyleValueView
{
    public function __construct(
        #[OA\Property]
        public string $word,
        #[OA\Property]
        public string $label,
    ) {
    }
}
