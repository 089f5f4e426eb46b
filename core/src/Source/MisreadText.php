<?php

declare(strict_types=1);

namespace Notagram\Source;

/**
 * Finds UTF-8 that was read as Windows-1252, Mac Roman or Windows-1251, once or twice, and says what it was.
 *
 * The misread characters are turned back into bytes; where these are UTF-8 of characters that people write, that is what
 * they were. Sequences that also come up in sound text (an accented capital before a closing quote) are left alone.
 */
final class MisreadText
{
    private const READ_AS = [Encoding::Windows1252, Encoding::Macintosh, Encoding::Windows1251];

    private const UTF8 = '/(?:[\xC2-\xDF][\x80-\xBF]|\xE0[\xA0-\xBF][\x80-\xBF]|[\xE1-\xEF][\x80-\xBF]{2}|\xF0[\x90-\xBF][\x80-\xBF]{2}|[\xF1-\xF3][\x80-\xBF]{3})++/';

    /** What people write: letters of the large scripts, punctuation, arrows, signs, emoji. */
    private const WRITTEN = '/^[\x{A0}-\x{17F}\x{218}-\x{21B}\x{370}-\x{4FF}\x{5D0}-\x{5EA}\x{600}-\x{6FF}\x{E01}-\x{E5B}\x{1E00}-\x{1FFF}\x{2010}-\x{2044}\x{20AC}\x{2100}-\x{214F}\x{2190}-\x{22FF}\x{2500}-\x{27BF}\x{3000}-\x{30FF}\x{4E00}-\x{9FFF}\x{AC00}-\x{D7A3}\x{FE0F}\x{FEFF}\x{1F300}-\x{1FAFF}]++\z/u';

    private const MAX_TIMES = 3;

    /**
     * @return array<int, array{string, string}> by byte offset, in order: what stands there, and what it was
     */
    public static function repairs(string $text): array
    {
        // Two such characters in a row take four bytes at least.
        if (!Regex::match('/[\x80-\xFF]{4}/', $text)) {
            return [];
        }
        Regex::matchAll('/[^\x00-\x7F]++/u', $text, $runs, \PREG_OFFSET_CAPTURE);
        foreach (self::READ_AS as $encoding) {
            $repairs = self::whollyRepaired($runs[0], $encoding);
            if ([] !== $repairs) {
                return $repairs;
            }
        }
        foreach (self::READ_AS as $encoding) {
            $repairs = self::onceRepaired($text, $encoding);
            if ([] !== $repairs) {
                return array_map(static fn (array $repair) => [$repair[0], self::repaired($repair[1], $encoding)], $repairs);
            }
        }

        return [];
    }

    /**
     * Where everything that is not ASCII turns back into UTF-8, at more than one place, all of it was read wrongly: no single
     * one needs to be weighed, and it is turned back as often as that holds.
     *
     * @param list<array{string, int}> $runs
     *
     * @return array<int, array{string, string}>
     */
    private static function whollyRepaired(array $runs, Encoding $encoding): array
    {
        if (\count($runs) < 2) {
            return [];
        }
        $texts = array_column($runs, 0);
        $repaired = null;
        for ($times = 0; $times < self::MAX_TIMES && null !== $next = self::turnedBack($repaired ?? $texts, $encoding); ++$times) {
            $repaired = $next;
        }
        $repairs = [];
        foreach ($repaired ?? [] as $index => $right) {
            if (!self::isWritten($right)) {
                return [];
            }
            $repairs[$runs[$index][1]] = [$runs[$index][0], $right];
        }

        return $repairs;
    }

    /**
     * @param list<string> $runs
     *
     * @return ?list<string> null where one of them was not read wrongly
     */
    private static function turnedBack(array $runs, Encoding $encoding): ?array
    {
        $bytes = self::bytesOf($encoding);
        $result = [];
        foreach ($runs as $run) {
            $raw = '';
            foreach (mb_str_split($run, 1, 'UTF-8') as $character) {
                if (!isset($bytes[$character])) {
                    return null;
                }
                $raw .= $bytes[$character];
            }
            if (!mb_check_encoding($raw, 'UTF-8')) {
                return null;
            }
            $result[] = $raw;
        }

        return $result;
    }

    /** What was read wrongly twice needs to be turned back twice. */
    private static function repaired(string $text, Encoding $encoding): string
    {
        for ($times = 1; $times < self::MAX_TIMES; ++$times) {
            $repairs = self::onceRepaired($text, $encoding);
            if ([] === $repairs) {
                break;
            }
            foreach (array_reverse($repairs, true) as $offset => [$wrong, $right]) {
                $text = substr_replace($text, $right, $offset, \strlen($wrong));
            }
        }

        return $text;
    }

    /** @return array<int, array{string, string}> */
    private static function onceRepaired(string $text, Encoding $encoding): array
    {
        $bytes = self::bytesOf($encoding);
        Regex::matchAll('/[^\x00-\x7F]{2,}+/u', $text, $runs, \PREG_OFFSET_CAPTURE);
        $repairs = [];
        $foreign = 0;
        foreach ($runs[0] as [$run, $start]) {
            $raw = '';
            $offsets = [];
            $offset = $start;
            foreach (mb_str_split($run, 1, 'UTF-8') as $character) {
                $offsets[] = $offset;
                $offset += \strlen($character);
                // A character that the encoding lacks becomes a byte that no UTF-8 has.
                $raw .= $bytes[$character] ?? "\xFF";
            }
            $offsets[] = $offset;
            Regex::matchAll(self::UTF8, $raw, $matches, \PREG_OFFSET_CAPTURE);
            foreach ($matches[0] as [$right, $at]) {
                $from = $offsets[$at];
                $wrong = substr($text, $from, $offsets[$at + \strlen($right)] - $from);
                if (self::isMeant($right, $wrong, substr($text, max(0, $from - 1), 1), substr($text, $from + \strlen($wrong), 1), $encoding)) {
                    $repairs[$from] = [$wrong, $right];
                    $foreign += self::isOneForeignLetter($right) ? 1 : 0;
                }
            }
        }

        // One letter of another script alone may be chance.
        return 1 === $foreign && 1 === \count($repairs) ? [] : $repairs;
    }

    /** @param string $before the byte before, $after the one after; empty at an end */
    private static function isMeant(string $right, string $wrong, string $before, string $after, Encoding $encoding): bool
    {
        if (!self::isWritten($right)) {
            return false;
        }
        $isShort = 2 === \strlen($right);
        $touchesLower = ctype_lower($before) || ctype_lower($after);

        return match ($encoding) {
            Encoding::Windows1251 => \strlen($right) >= 4 || str_starts_with($right, "\xE2\x80"),
            Encoding::Macintosh => !$isShort || ($touchesLower && !Regex::match('/[πΩ∆∑∞]/u', $wrong)),
            // A capital before a closing quote, an ellipsis, a dash or a no-break space is sound text.
            default => !$isShort || ctype_lower($before) || ctype_alpha($after) || !Regex::match('/[“”‘’«»‹›…–—•°\x{A0}]\z/u', $wrong),
        };
    }

    /** Whether it is UTF-8 after all, and of characters that people write. */
    private static function isWritten(string $text): bool
    {
        return mb_check_encoding($text, 'UTF-8') && Regex::match(self::WRITTEN, $text);
    }

    private static function isOneForeignLetter(string $right): bool
    {
        return 2 === \strlen($right) && \ord($right[0]) >= 0xCD && 'μ' !== $right;
    }

    /** @return array<string, string> each character of the upper half with its byte */
    private static function bytesOf(Encoding $encoding): array
    {
        /** @var array<string, array<string, string>> $tables */
        static $tables = [];
        if (!isset($tables[$encoding->value])) {
            $table = [];
            for ($byte = 0x80; $byte < 0x100; ++$byte) {
                $table[$encoding->decode(\chr($byte))] = \chr($byte);
            }
            $tables[$encoding->value] = $table;
        }

        return $tables[$encoding->value];
    }
}
