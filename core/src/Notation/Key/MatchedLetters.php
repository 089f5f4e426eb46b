<?php

declare(strict_types=1);

namespace Notagram\Notation\Key;

use Notagram\Source\Regex;

/** What a key says of terms and the lettered list that they are matched with. */
final class MatchedLetters
{
    /**
     * @param string             $answer  “queen – C; drone – A”, “1-C, 2-A”, or the letters alone: “C, A”
     * @param array<int, string> $prompts by number
     *
     * @return array<int, string> the small letter for each number; empty where the answer says something else
     */
    public static function in(string $answer, array $prompts): array
    {
        $words = self::byWords($answer, $prompts);
        if ([] !== $words) {
            return $words;
        }
        if (Regex::match('/^(?:[;,\s]*+\(?\d{1,2}\s*+[-–=:→.)]?+\s*+[A-Za-z](?!\p{L}))++\z/u', $answer)) {
            return self::numbered($answer);
        }
        $letters = Regex::match('/^[A-Za-z](?:[\s,;]++[A-Za-z])*+\z/', $answer) ? Regex::split('/[\s,;]++/', strtolower($answer)) : [];

        return \count($letters) === \count($prompts) ? array_combine(array_keys($prompts), $letters) : [];
    }

    /** @return array<int, string> letter by number, of “1-b, 2-a” or “A-2, B-1”, wherever they stand in a text */
    public static function numbered(string $text): array
    {
        $links = [];
        Regex::matchAll('/(?<![\p{L}\p{N}])(?:(\d{1,2})\s*+[-–=:→.)]*+>?\s*+([A-Za-z])(?!\p{L})|([A-Za-z])\s*+[-–=:→]++>?\s*+(\d{1,2})(?!\p{N}))/u', $text, $found, \PREG_SET_ORDER);
        foreach ($found as $match) {
            $links[(int) (($match[1] ?? '').($match[4] ?? ''))] = strtolower(($match[2] ?? '').($match[3] ?? ''));
        }

        return $links;
    }

    /**
     * @param array<int, string> $prompts
     *
     * @return array<int, string> empty where one of them is not named, in their order
     */
    private static function byWords(string $answer, array $prompts): array
    {
        $links = [];
        $rest = self::plain($answer);
        foreach ($prompts as $number => $prompt) {
            $rest = ltrim($rest, ' ;,');
            $prompt = self::plain($prompt);
            if (!str_starts_with($rest, $prompt) || !Regex::match('/^\s?[-–—=:→]\s?([A-Za-z])(?!\p{L})/u', substr($rest, \strlen($prompt)), $match)) {
                return [];
            }
            $links[$number] = strtolower($match[1]);
            $rest = substr($rest, \strlen($prompt) + \strlen($match[0]));
        }

        return '' === trim($rest, ' ;,.') ? $links : [];
    }

    private static function plain(string $text): string
    {
        return trim(Regex::replace('/\s++/u', ' ', $text));
    }
}
