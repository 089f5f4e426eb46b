<?php

declare(strict_types=1);

namespace Notagram\Handover;

use Notagram\Source\Regex;

/** What XML 1.0 has no place for (2.2 Characters): a blank stands in its place. */
final class XmlCharacters
{
    private const NONE = '/[^\x09\x0A\x0D\x20-\x{D7FF}\x{E000}-\x{FFFD}\x{10000}-\x{10FFFF}]/u';

    public static function cleaned(string $text): string
    {
        return self::areNone($text) ? Regex::replace(self::NONE, ' ', $text) : $text;
    }

    /** Whether there is any such character in a text. */
    public static function areNone(string $text): bool
    {
        return Regex::match(self::NONE, $text);
    }
}
