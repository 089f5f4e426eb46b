<?php

declare(strict_types=1);

namespace Notagram\Question;

use Notagram\Source\Regex;

/** A title for a question that has none, where a format demands one: how its stem begins. */
final class DerivedTitle
{
    private const LONGEST = 60;

    /** Empty where the stem is. */
    public static function of(Question $question): string
    {
        $stem = $question->stem->plain();

        // Not within a word, unless the first is longer than all.
        return mb_strlen($stem) <= self::LONGEST ? $stem : Regex::replace('/(?<=\S)\s+\S*+\z/u', '', mb_substr($stem, 0, self::LONGEST)).' …';
    }
}
