<?php

declare(strict_types=1);

namespace Notagram\Notation\Starred;

/** The set styles in which a Starred list is written. */
final readonly class StarredStyle
{
    /**
     * @param string $letters        the first letter with its sign: “a.”, “a)”, “A.” or “A)”
     * @param bool   $starsAfter     whether a star stands after the option's text instead of before its letter
     * @param bool   $showsPoints    whether points that are set are written
     * @param bool   $blankAfterStem whether a blank line parts stem and options
     */
    public function __construct(public string $letters = 'a.', public bool $starsAfter = false, public bool $showsPoints = true, public bool $blankAfterStem = false)
    {
    }

    public function label(int $index): string
    {
        return \chr(\ord($this->letters[0]) + $index).$this->letters[1];
    }
}
