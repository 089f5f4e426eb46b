<?php

declare(strict_types=1);

namespace App\Request;

use Notagram\Editing\EditorEdit;
use Symfony\Component\Validator\Constraints as Assert;

/** A place in the text that $base names, or that it becomes by what was typed since; editor offsets. */
final readonly class PlaceRequest implements OfText
{
    /**
     * @param list<EditorEdit> $edits         what was typed since, in the coordinates of the base
     * @param bool             $isUnderstood whether it is to be said what stands there, which takes a while
     */
    public function __construct(
        public string $base,
        #[Assert\PositiveOrZero]
        public int $offset,
        #[Assert\Valid, Assert\Count(max: 1_000)]
        public array $edits = [],
        public bool $isUnderstood = false,
    ) {
    }

    public function base(): string
    {
        return $this->base;
    }
}
