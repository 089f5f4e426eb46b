<?php

declare(strict_types=1);

namespace Notagram\Marking;

use Brick\Math\BigDecimal;
use Notagram\Source\Regex;

/** How what a pupil types is compared: in composed form, without blanks around it or twice between words, capitals as small letters. */
final class TypedAnswer
{
    private const MOST_DIGITS = 40;

    public static function normal(string $typed): string
    {
        $composed = \Normalizer::normalize($typed, \Normalizer::FORM_C);

        return trim(Regex::replace('/[\s\x{A0}]++/u', ' ', \is_string($composed) ? $composed : $typed));
    }

    public static function folded(string $typed): string
    {
        return mb_convert_case(self::normal($typed), \MB_CASE_FOLD, 'UTF-8');
    }

    /**
     * Whether capitals count: where two of the accepted answers differ in nothing else.
     *
     * @param list<string> $accepted
     */
    public static function heedsCase(array $accepted): bool
    {
        $normal = array_unique(array_map(self::normal(...), $accepted));

        return \count(array_unique(array_map(self::folded(...), $normal))) < \count($normal);
    }

    /** A number as people write one: with a comma or a point, a sign, and blanks between thousands. Null where it is none. */
    public static function number(string $typed): ?BigDecimal
    {
        $typed = str_replace("\u{2212}", '-', trim(self::normal($typed)));
        if (!Regex::match('/^([+-]?)(\d++|\d{1,3}(?:[\p{Zs}]\d{3})+)(?:[.,](\d++))?\z/u', $typed, $match) || \strlen($typed) > self::MOST_DIGITS) {
            return null;
        }

        return BigDecimal::of(('-' === $match[1] ? '-' : '').Regex::replace('/\p{Zs}/u', '', $match[2]).(isset($match[3]) ? ".{$match[3]}" : ''));
    }
}
