<?php

declare(strict_types=1);

namespace App\View;

use OpenApi\Attributes as OA;

/** One thing about the style of a target that can be chosen; the usual value first. */
#[OA\Schema(required: ['label', 'values'])]
final readonly class StyleChoiceView
{
    /**
     * @param list<StyleValueView> $values
     */
    public function __construct(
        #[OA\Property]
        public string $label,
        #[OA\Property(type: 'array', items: new OA\Items(ref: StyleValueView::class))]
        public array $values,
    ) {
    }
}
