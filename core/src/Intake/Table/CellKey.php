<?php

declare(strict_types=1);

namespace Notagram\Intake\Table;

use Notagram\Notation\PaperWords;
use Notagram\Source\Regex;

/** Which options a cell names: by their letters, their own text, their numbers. */
final class CellKey
{
    /**
     * @param array<int, string> $options by their numbers, from 1; what is empty is no option
     *
     * @return list<int> the numbers of those that are named, in order; empty where one of its names names none
     */
    public static function in(string $key, array $options): array
    {
        $key = trim($key, " \t\n.;,");
        // One letter is a letter, whatever the options say.
        if (Regex::match('/^[(\[]?([A-Za-z])[)\].]?\z/', $key, $match)) {
            return self::lettered([$match[1]], $options) ?? self::bySaying($key, $options) ?? [];
        }

        return self::bySaying($key, $options)
            ?? self::lettered(self::parts($key), $options)
            ?? self::severalBySaying($key, $options)
            ?? self::numbered(self::parts($key), $options)
            ?? self::lettered(Regex::match('/^(?:[A-Z]{2,10}|[a-z]{2,10})\z/', $key) ? str_split($key) : [], $options)
            ?? self::true($key, $options)
            ?? [];
    }

    /** Whether it may be nothing but a letter or a number. */
    public static function isName(string $key): bool
    {
        return Regex::match('/^[(\[]?(?:[A-Za-z]|\d{1,2})[)\].]?(?:\s*[,;\/&+]\s*(?:[A-Za-z]|\d{1,2}))*\z/', trim($key));
    }

    /** @return list<string> */
    private static function parts(string $key): array
    {
        return Regex::split('~\s*(?:[,;/&+\n]|\b(?:and|und|et|y|e|en)\b)\s*|\s+~iu', trim($key));
    }

    /**
     * @param list<string>       $letters
     * @param array<int, string> $options
     *
     * @return ?non-empty-list<int>
     */
    private static function lettered(array $letters, array $options): ?array
    {
        return self::each($letters, static fn (string $letter): ?int => Regex::match('/^[(\[]?([A-Za-z])[)\].]?\z/', $letter, $match) ? \ord(strtoupper($match[1])) - 64 : null, $options);
    }

    /**
     * @param list<string>       $numbers
     * @param array<int, string> $options
     *
     * @return ?non-empty-list<int>
     */
    private static function numbered(array $numbers, array $options): ?array
    {
        return self::each($numbers, static fn (string $number): ?int => Regex::match('/^(?:(?:option|answer)\s*)?(\d{1,2})[.)]?\z/i', $number, $match) ? (int) $match[1] : null, $options);
    }

    /**
     * @param array<int, string> $options
     *
     * @return ?non-empty-list<int>
     */
    private static function bySaying(string $text, array $options): ?array
    {
        $found = '' === trim($text) ? false : array_search(self::folded($text), array_map(self::folded(...), $options), true);

        return false === $found ? null : [$found];
    }

    /**
     * The texts of several options, one behind the other. The signs that part them may stand in a text as well, so that the
     * longest text goes first.
     *
     * @param array<int, string> $options
     *
     * @return ?non-empty-list<int>
     */
    private static function severalBySaying(string $key, array $options): ?array
    {
        $known = array_filter(array_map(self::folded(...), $options), static fn (string $text) => '' !== $text);
        uasort($known, static fn (string $one, string $other) => \strlen($other) <=> \strlen($one));
        $rest = self::folded(str_replace("\n", ';', $key));
        $found = [];
        while ('' !== $rest) {
            $number = array_key_first(array_filter($known, static fn (string $text) => Regex::match('~^'.preg_quote($text, '~').'\.?+\s*+(?:[;,|]|/(?=\s)|\z)~u', $rest)));
            if (null === $number) {
                return null;
            }
            $rest = Regex::replace('~^\.?+\s*+(?:[;,|/]\s*+)?+~u', '', substr($rest, \strlen($known[$number])));
            $found[] = $number;
            unset($known[$number]);
        }
        sort($found);

        return [] === $found ? null : $found;
    }

    private static function folded(string $text): string
    {
        return mb_strtolower(Regex::replace('/\s++/u', ' ', trim($text, " \t\n.")));
    }

    /**
     * A word for true or false, in any language, names the option that says the same.
     *
     * @param array<int, string> $options
     *
     * @return ?non-empty-list<int>
     */
    private static function true(string $key, array $options): ?array
    {
        $words = PaperWords::all();
        $truth = $words->truth($key);
        $found = null === $truth ? [] : array_keys(array_filter($options, static fn (string $option) => $words->truth($option) === $truth));

        return 1 === \count($found) ? $found : null;
    }

    /**
     * @param list<string>           $names
     * @param \Closure(string): ?int $numberOf
     * @param array<int, string>     $options
     *
     * @return ?non-empty-list<int> null where one of the names names no option, or two of them the same one
     */
    private static function each(array $names, \Closure $numberOf, array $options): ?array
    {
        $found = [];
        foreach ($names as $name) {
            $number = $numberOf($name);
            if (null === $number || !isset($options[$number]) || \in_array($number, $found, true)) {
                return null;
            }
            $found[] = $number;
        }
        sort($found);

        return [] === $found ? null : $found;
    }
}
