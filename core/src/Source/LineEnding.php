<?php

declare(strict_types=1);

namespace Notagram\Source;

enum LineEnding: string
{
    case Lf = 'lf';
    case Crlf = 'crlf';
    case Cr = 'cr';
    case Mixed = 'mixed';

    public static function of(string $text): self
    {
        $crlf = substr_count($text, "\r\n");
        $cr = substr_count($text, "\r") - $crlf;
        $lf = substr_count($text, "\n") - $crlf;

        return match (true) {
            0 === $cr && 0 === $crlf => self::Lf,
            0 === $cr && 0 === $lf => self::Crlf,
            0 === $crlf && 0 === $lf => self::Cr,
            default => self::Mixed,
        };
    }

    /** The text with every line ended by LF. */
    public static function folded(string $text): string
    {
        return strtr($text, ["\r\n" => "\n", "\r" => "\n"]);
    }

    /** What a new line is ended with in this text: in a mixed one, whatever most of its lines use. */
    public static function forNewLinesIn(string $text): string
    {
        $crlf = substr_count($text, "\r\n");
        $cr = substr_count($text, "\r") - $crlf;
        $lf = substr_count($text, "\n") - $crlf;

        return match (max($crlf, $cr, $lf)) {
            0, $lf => "\n",
            $crlf => "\r\n",
            default => "\r",
        };
    }
}
