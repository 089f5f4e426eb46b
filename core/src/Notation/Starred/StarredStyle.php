<?php

declare(strict_types=1);

namespace Notagram\Notation\Starred;

use Notagram\Message\Message;
use Notagram\Notation\StyleChoice;
use Notagram\Notation\StyleValue;

/** The set styles in which a Starred list is written. */
final readonly class StarredStyle
{
    private const LETTERS = ['a.', 'a)', 'A.', 'A)'];
    private const STARS_AFTER = 'stars-after';
    private const NO_POINTS = 'no-points';
    private const BLANK_AFTER_STEM = 'blank-after-stem';

    /**
     * @param string $letters        the first letter with its sign: one of LETTERS
     * @param bool $starsAfter     whether a star stands after the option's text instead of before its letter
     * @param bool $showsPoints    whether points that are set are written
     * @param bool $blankAfterStem whether a blank line parts stem and options
     */
    public function __construct(public string $letters = 'a.', public bool $starsAfter = false, public bool $showsPoints = true, public bool $blankAfterStem = false)
    {
    }

    /** @return list<StyleChoice> */
    public static function choices(): array
    {
        return [
            new StyleChoice(new Message('style/letters'), array_map(static fn (string $letter) => new StyleValue($letter, Message::of('style/letter', letter: $letter)), self::LETTERS)),
            new StyleChoice(new Message('style/stars'), [new StyleValue('', new Message('style/stars-before')), new StyleValue(self::STARS_AFTER, new Message('style/stars-after'))]),
            new StyleChoice(new Message('style/points'), [new StyleValue('', new Message('style/points-shown')), new StyleValue(self::NO_POINTS, new Message('style/no-points'))]),
            new StyleChoice(new Message('style/stem'), [new StyleValue('', new Message('style/options-at-once')), new StyleValue(self::BLANK_AFTER_STEM, new Message('style/blank-after-stem'))]),
        ];
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
        $others = array_diff($words, self::LETTERS, [self::STARS_AFTER, self::NO_POINTS, self::BLANK_AFTER_STEM, '']);
        if ([] !== $others || \count($letters) > 1) {
            return null;
        }

        return new self($letters[0] ?? self::LETTERS[0], \in_array(self::STARS_AFTER, $words, true), !\in_array(self::NO_POINTS, $words, true), \in_array(self::BLANK_AFTER_STEM, $words, true));
    }

    public function label(int $index): string
    {
        return \chr(\ord($this->letters[0]) + $index).$this->letters[1];
    }
}
