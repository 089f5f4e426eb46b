<?php

declare(strict_types=1);

namespace Notagram\Notation\Printed;

/** How a text starts as an option does. */
final readonly class OptionMark
{
    /**
     * @param string $style the letter's form without the letter, such as “a)” or “(A)”, or “box”, “dash”
     * @param int    $index which letter, from 1; 0 where the sign is the same for all
     * @param bool   $isRight whether a star, tick, arrow or filled box says that it is right
     * @param string $label the letter with its signs and the blanks after it
     * @param string $rest  what follows
     */
    public function __construct(public string $style, public int $index, public bool $isRight, public string $label, public string $rest)
    {
    }

    /** Whether there is nothing but the letter, so that it may as well be a word. */
    public function isBare(): bool
    {
        return \in_array($this->style, ['A', 'a', 'O'], true);
    }

    /** Whether the sign itself does not tell one option from the next. */
    public function isUnlettered(): bool
    {
        return 0 === $this->index;
    }
}
