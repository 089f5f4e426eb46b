<?php

declare(strict_types=1);

namespace Notagram\Tests\Receiver;

/**
 * Takes GIFT as a quiz system takes it: a text at a time, all or nothing, with no word about what is amiss.
 *
 * It shares no code with the program, looks at each question by itself and guesses nothing. Its rules are those of GIFT as they
 * are commonly documented, written from memory.
 */
final class StrictGift
{
    /**
     * @return ?list<string> each question on one line; null where a question is not taken
     */
    public static function take(string $text): ?array
    {
        $lines = array_filter(explode("\n", str_replace(["\r\n", "\r"], "\n", $text)), static fn (string $line) => !str_starts_with(ltrim($line, " \t"), '//'));
        $chunks = [''];
        foreach ($lines as $line) {
            if ('' === trim($line, " \t")) {
                $chunks[] = '';
            } elseif (str_starts_with(ltrim($line, " \t"), '$CATEGORY:')) {
                $chunks[] = '';
            } else {
                $chunks[array_key_last($chunks)] .= $line."\n";
            }
        }
        $questions = [];
        foreach ($chunks as $chunk) {
            if ('' === trim($chunk)) {
                continue;
            }
            $question = self::question($chunk);
            if (null === $question) {
                return null;
            }
            $questions[] = $question;
        }

        return $questions;
    }

    private static function question(string $chunk): ?string
    {
        // Escaped signs are hidden first, so that what is left of them has a meaning.
        $rest = trim(self::hidden($chunk));
        if (str_starts_with($rest, '::')) {
            $parts = explode('::', $rest, 3);
            if (3 !== \count($parts)) {
                return null;
            }
            $rest = trim($parts[2]);
        }
        if (1 === preg_match('/\n[ \t]*::[^:\n]+::/', $rest)) {
            return null;
        }
        $open = strpos($rest, '{');
        if (false === $open) {
            return str_contains($rest, '}') ? null : 'text '.self::shownWithoutFormat($rest);
        }
        $close = strpos($rest, '}');
        if (false === $close || $close < $open || substr_count($rest, '{') > 1 || substr_count($rest, '}') > 1) {
            return null;
        }
        $after = substr($rest, $close + 1);
        $answers = self::answers(substr($rest, $open + 1, $close - $open - 1));
        if (null === $answers) {
            return null;
        }
        $isGap = '' !== trim($after) && 1 === preg_match('/^(?:options|typed) /', $answers);

        return "{$answers} | ".self::shownWithoutFormat(substr($rest, 0, $open).($isGap ? ' _____ ' : ' ').$after);
    }

    private static function answers(string $inside): ?string
    {
        [$inside] = explode('####', $inside, 2);
        $inside = trim($inside);
        if ('' === $inside) {
            return 'essay';
        }
        if (1 === preg_match('/^(T|TRUE|F|FALSE)\s*(?:#.*)?$/is', $inside, $truth)) {
            return 'T' === strtoupper($truth[1][0]) ? 'true' : 'false';
        }
        if ('#' === $inside[0]) {
            return self::numbers(trim(substr($inside, 1)));
        }
        if ('=' !== $inside[0] && '~' !== $inside[0]) {
            return null;
        }
        $entries = preg_split('/(?=[=~])/', $inside, -1, \PREG_SPLIT_NO_EMPTY);
        \assert(false !== $entries);
        if (!str_contains($inside, '~') && str_contains($inside, '->')) {
            return self::pairs($entries);
        }
        $read = [];
        foreach ($entries as $entry) {
            $weight = '=' === $entry[0] ? '100' : '0';
            $text = self::weighed(ltrim(substr($entry, 1)), $weight);
            if (null === $text) {
                return null;
            }
            $parts = explode('#', $text, 2);
            if ('' === trim($parts[0])) {
                return null;
            }
            $text = str_contains($inside, '~') ? self::shownWithoutFormat($parts[0]) : self::shown($parts[0]);
            $read[] = "{$weight} ".$text.(isset($parts[1]) && '' !== trim($parts[1]) ? ' # '.self::shownWithoutFormat($parts[1]) : '');
        }

        return (str_contains($inside, '~') ? 'options ' : 'typed ').implode(' ; ', $read);
    }

    /** @param list<string> $entries */
    private static function pairs(array $entries): ?string
    {
        $pairs = [];
        foreach ($entries as $entry) {
            $sides = explode('->', substr($entry, 1), 2);
            if (2 !== \count($sides) || '' === trim($sides[1])) {
                return null;
            }
            $pairs[] = self::shownWithoutFormat($sides[0]).' -> '.self::shown($sides[1]);
        }

        return \count($pairs) < 2 ? null : 'pairs '.implode(' ; ', $pairs);
    }

    private static function numbers(string $inside): ?string
    {
        if ('' === $inside || str_contains($inside, '~')) {
            return null;
        }
        $entries = '=' === $inside[0] ? explode('=', substr($inside, 1)) : [$inside];
        $numbers = [];
        foreach ($entries as $entry) {
            $weight = '100';
            $text = self::weighed(ltrim($entry), $weight);
            if (null === $text) {
                return null;
            }
            $number = trim(explode('#', $text, 2)[0]);
            $decimal = '-?\d+(?:\.\d+)?';
            if (1 === preg_match("/^({$decimal})(?:\\s*:\\s*(\\d+(?:\\.\\d+)?))?$/", $number, $near)) {
                $numbers[] = "{$weight} {$near[1]} : ".($near[2] ?? '0');
            } elseif (1 === preg_match("/^({$decimal})\\s*\\.\\.\\s*({$decimal})$/", $number, $range) && (float) $range[1] <= (float) $range[2]) {
                $numbers[] = "{$weight} {$range[1]} .. {$range[2]}";
            } else {
                return null;
            }
        }

        return 'numbers '.implode(' ; ', $numbers);
    }

    /** What stands after the weight, if there is one; null where it is malformed. */
    private static function weighed(string $entry, string &$weight): ?string
    {
        if (1 !== preg_match('/^%[-+]?\d/', $entry)) {
            return $entry;
        }
        if (1 !== preg_match('/^%(-?\d{1,3}(?:\.\d{1,5})?)%/', $entry, $match) || abs((float) $match[1]) > 100) {
            return null;
        }
        $weight = rtrim(rtrim(number_format((float) $match[1], 5, '.', ''), '0'), '.');

        return substr($entry, \strlen($match[0]));
    }

    private static function hidden(string $text): string
    {
        return preg_replace_callback('/\\\\([~=#{}:\\\\n])/', static fn (array $match) => 'n' === $match[1] ? "\u{E00A}" : mb_chr(0xE000 + \ord($match[1])), $text) ?? '';
    }

    private static function shownWithoutFormat(string $text): string
    {
        return self::shown(preg_replace('/^\s*\[(?:html|markdown|plain|[a-z]+(?=\]\S))\]/', '', $text) ?? '');
    }

    private static function shown(string $text): string
    {
        $text = preg_replace_callback('/[\x{E00A}-\x{E0FF}]/u', static fn (array $match) => "\u{E00A}" === $match[0] ? "\n" : \chr(mb_ord($match[0]) - 0xE000), $text) ?? '';

        return Taken::text($text);
    }
}
