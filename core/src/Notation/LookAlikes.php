<?php

declare(strict_types=1);

namespace Notagram\Notation;

/** Characters that only look like a letter or sign that a notation gives a meaning to, and what they look like. */
final class LookAlikes
{
    public const CODE = 'text.look-alike';

    /** Capitals of Cyrillic and Greek, and the full-width forms of East Asian keyboards (Unicode's lists of confusables, from memory). */
    private const PLAIN = [
        'А' => 'A', 'В' => 'B', 'С' => 'C', 'Е' => 'E', 'Н' => 'H', 'І' => 'I', 'Ј' => 'J', 'К' => 'K', 'М' => 'M', 'О' => 'O', 'Р' => 'P', 'Ѕ' => 'S', 'Т' => 'T', 'Х' => 'X',
        'а' => 'a', 'с' => 'c', 'е' => 'e', 'і' => 'i', 'о' => 'o', 'р' => 'p', 'х' => 'x',
        'Α' => 'A', 'Β' => 'B', 'Ε' => 'E', 'Ζ' => 'Z', 'Η' => 'H', 'Ι' => 'I', 'Κ' => 'K', 'Μ' => 'M', 'Ν' => 'N', 'Ο' => 'O', 'Ρ' => 'P', 'Τ' => 'T', 'Υ' => 'Y', 'Χ' => 'X',
        '．' => '.', '）' => ')', '（' => '(', '：' => ':', '｛' => '{', '｝' => '}', '＝' => '=', '～' => '~', '＃' => '#', '→' => '->', '⇒' => '->', '–>' => '->', '—>' => '->', '−>' => '->', '‐>' => '->',
    ];

    /** With every such character replaced by what it looks like. */
    public static function plain(string $text): string
    {
        /** @var ?array<string, string> $table */
        static $table = null;
        if (null === $table) {
            $table = self::PLAIN;
            foreach (range('A', 'Z') as $index => $letter) {
                $table[mb_chr(0xFF21 + $index, 'UTF-8')] = $letter;
                $table[mb_chr(0xFF41 + $index, 'UTF-8')] = strtolower($letter);
            }
        }

        return strtr($text, $table);
    }
}
