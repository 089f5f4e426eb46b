<?php

declare(strict_types=1);

namespace Notagram\Notation\Starred;

/** The letters of the options of one question, as they come. */
final class LetterRun
{
    private ?string $first = null;
    private int $highest = 0;
    private int $count = 0;

    public function isEmpty(): bool
    {
        return 0 === $this->count;
    }

    public function count(): int
    {
        return $this->count;
    }

    /** Whether a letter goes on with those before it: a first, then the next one, one that was there, or one a little later. */
    public function goesOnWith(string $letter): bool
    {
        if (null === $this->first) {
            return 'a' === strtolower($letter);
        }

        return ctype_upper($letter) === ctype_upper($this->first) && \ord(strtolower($letter)) <= $this->highest + 3;
    }

    public function take(string $letter): void
    {
        $this->first ??= $letter;
        $this->highest = max($this->highest, \ord(strtolower($letter)));
        ++$this->count;
    }

    /** Whether the letter goes on, in which case it is taken. */
    public function takes(string $letter): bool
    {
        if (!$this->goesOnWith($letter)) {
            return false;
        }
        $this->take($letter);

        return true;
    }
}
