<?php

declare(strict_types=1);

namespace Notagram\Handover\Paper;

use Notagram\Check\Language;
use Notagram\Check\Words;
use Notagram\Source\Regex;

/** Options that speak of others, such as “all of the above” or “both A and C”: they say something else in another place. */
final class FixedOption
{
    /** Whether it must stay where it is. */
    public static function is(string $text): bool
    {
        return self::fits($text, static fn (Words $words) => $words->leaning);
    }

    /** Whether it names others by their letters, so that none of them can move. */
    public static function namesLetters(string $text): bool
    {
        return self::fits($text, static fn (Words $words) => $words->otherOptions);
    }

    /** @param \Closure(Words): string $pattern */
    private static function fits(string $text, \Closure $pattern): bool
    {
        $text = mb_strtolower(trim($text));
        foreach (Language::cases() as $language) {
            if (Regex::match($pattern(Words::in($language)), $text)) {
                return true;
            }
        }

        return false;
    }
}
