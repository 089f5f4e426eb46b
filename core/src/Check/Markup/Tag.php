<?php

declare(strict_types=1);

namespace Notagram\Check\Markup;

/** A tag as it is written. */
final readonly class Tag
{
    /**
     * @param string                 $name       in small letters
     * @param bool                   $isComplete whether its > stands; where it does not, the rest of the text is in the tag
     * @param array<string, ?string> $attributes by their names in small letters; null where one has no value
     */
    public function __construct(
        public string $written,
        public string $name,
        public bool $isEnd,
        public bool $isComplete,
        public bool $closesItself = false,
        public array $attributes = [],
    ) {
    }
}
