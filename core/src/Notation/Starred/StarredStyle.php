<?php

declare(strict_types=1);

namespace Notagram\Notation\Starred;

/** The set styles in which a Starred list is written. */
final readonly class StarredStyle
{
    private const LETTERS = ['a.', 'a)', 'A.', 'A)'];

    /**
     * @param string $letters        the first letter with its sign: one of LETTERS
     * @param bool $starsAfter     whether a star stands after the option's text instead of before its letter
     * @param bool $showsPoints    whether points that are set are written
     * @param bool $blankAfterStem whether a blank line parts stem and options
     */
    public function __construct(public string $letters = 'a.', public bool $starsAfter = false, public bool $showsPoints = true, public bool $blankAfterStem = false)
    {
    }

    /**
     * As it is asked for in words, parted by commas: a first letter with its sign, “stars-after”, “no-points”, “blank-after-stem”.
     *
     * @return ?self null where a word is none of these
     */
    public static function named(string $words): ?self
    {
        $words = array_map(trim(...), explode(',', $words));
        $letters = array_values(array_intersect($words, self::LETTERS));
        $others = array_diff($words, self::LETTERS, ['stars-after', 'no-points', 'blank-after-stem', '']);
        if ([] !== $others || \count($letters) > 1) {
            return null;
        }

        return new self($letters[0] ?? self::LETTERS[0], \in_array('stars-after', $words, true), !\in_array('no-points', $words, true), \in_array('blank-after-stem', $words, true));
    }

    public function label(int $index): string
    {
        return \chr(\ord($this->letters[0]) + $index).$this->letters[1];
    }
}
