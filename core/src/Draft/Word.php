<?php

declare(strict_types=1);

namespace Notagram\Draft;

/** A word of a sentence. */
final readonly class Word
{
    /**
     * @param string $lower in small letters
     * @param int    $at    bytes from the start of the sentence
     */
    public function __construct(public string $text, public string $lower, public int $at)
    {
    }

    public function end(): int
    {
        return $this->at + \strlen($this->text);
    }

    /** Whether it begins with a capital letter. */
    public function isCapitalised(): bool
    {
        return mb_strtolower(mb_substr($this->text, 0, 1, 'UTF-8'), 'UTF-8') !== mb_substr($this->text, 0, 1, 'UTF-8');
    }
}
