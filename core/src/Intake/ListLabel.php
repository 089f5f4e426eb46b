<?php

declare(strict_types=1);

namespace Notagram\Intake;

/** A number of a list as a word processor shows it. */
final class ListLabel
{
    private const MOST = 1_000_000_000;

    /** A number as a document writes it; far beyond what any list counts to, it is cut. */
    public static function number(string $written): int
    {
        return max(-self::MOST, min(self::MOST, (int) $written));
    }

    /** @param string $format decimal, zero, lower-letter, upper-letter, lower-roman, upper-roman, ordinal; anything else is decimal */
    public static function of(int $number, string $format): string
    {
        return match ($format) {
            'lower-letter' => strtolower(self::letters($number)),
            'upper-letter' => self::letters($number),
            'lower-roman' => strtolower(self::roman($number)),
            'upper-roman' => self::roman($number),
            'zero' => str_pad((string) $number, 2, '0', \STR_PAD_LEFT),
            'ordinal' => $number.match (true) {
                \in_array($number % 100, [11, 12, 13], true) => 'th',
                default => [1 => 'st', 2 => 'nd', 3 => 'rd'][$number % 10] ?? 'th',
            },
            default => (string) $number,
        };
    }

    /** A to Z, then AA, BB: as word processors letter on. */
    private static function letters(int $number): string
    {
        return $number < 1 ? '0' : str_repeat(\chr(65 + ($number - 1) % 26), min(50, 1 + intdiv($number - 1, 26)));
    }

    private static function roman(int $number): string
    {
        if ($number < 1 || $number > 3_999) {
            return (string) $number;
        }
        $roman = '';
        foreach (['M' => 1000, 'CM' => 900, 'D' => 500, 'CD' => 400, 'C' => 100, 'XC' => 90, 'L' => 50, 'XL' => 40, 'X' => 10, 'IX' => 9, 'V' => 5, 'IV' => 4, 'I' => 1] as $sign => $value) {
            $roman .= str_repeat($sign, intdiv($number, $value));
            $number %= $value;
        }

        return $roman;
    }
}
