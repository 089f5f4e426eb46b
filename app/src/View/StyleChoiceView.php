<?php

declare(strict_types=1);

namespace App\View;

/** One thing about the style of a target that can be chosen; the usual value first. */
final readonly class StyleChoiceView
{
    /**
     * @param list<StyleValueView> $values
     * @param bool                 $isOfPictures whether it makes no difference to a sheet without pictures
     */
    public function __construct(
        public string $label,
        public array $values,
        public bool $isOfPictures,
    ) {
    }
}
