<?php

declare(strict_types=1);

namespace App\View;

/** One thing about the style of a target that can be chosen; the usual value first. */
final readonly class StyleChoiceView
{
    /**
     * @param list<StyleValueView> $values
     */
    public function __construct(
        public string $label,
        public array $values,
    ) {
    }
}
