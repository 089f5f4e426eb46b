<?php

declare(strict_types=1);

namespace Notagram\Notation;

/** A block in another notation. Its lines are parted by LF and it ends without one; empty where nothing is written. */
final readonly class WrittenBlock
{
    /**
     * @param list<Loss> $losses
     * @param bool       $isNumbered whether it goes with a number before it, which only the whole sheet can tell
     * @param bool       $isEssay    whether it became a question that needs no right answer
     */
    public function __construct(public string $text, public array $losses = [], public bool $isNumbered = false, public bool $isEssay = false)
    {
    }

    public static function nothing(Loss ...$losses): self
    {
        return new self('', array_values($losses));
    }
}
