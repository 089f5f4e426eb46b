<?php

declare(strict_types=1);

namespace Notagram\Intake\Word;

/** The characters of symbol fonts that tests use for bullets and boxes (code places from memory). */
final class WordSymbols
{
    private const BOXES = [0x6F => '☐', 0x71 => '☐', 0xA8 => '☐', 0x72 => '☐', 0xFE => '☑', 0xFD => '☒', 0xFC => '✓', 0xFB => '✗', 0x6D => '○', 0xA1 => '○', 0xA3 => '☐', 0xE0 => '→', 0xE8 => '→'];

    public static function bullet(string $text): string
    {
        $point = '' === $text ? 0 : mb_ord(mb_substr($text, 0, 1, 'UTF-8'), 'UTF-8');
        $code = $point >= 0xF000 && $point <= 0xF0FF ? $point - 0xF000 : $point;

        return self::BOXES[$code] ?? (\in_array($point, [0x25A1, 0x2610, 0x25CB, 0x25EF], true) ? $text : '•');
    }

    /** @param string $code in hexadecimal, as symbol elements give it */
    public static function character(string $code): string
    {
        $point = (int) hexdec($code) & 0xFF;

        return self::BOXES[$point] ?? ($point >= 0x20 && $point < 0x7F ? \chr($point) : '');
    }
}
