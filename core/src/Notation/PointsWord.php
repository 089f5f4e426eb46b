<?php

declare(strict_types=1);

namespace Notagram\Notation;

use Notagram\Source\Regex;

/** Points in brackets, in the word that a text already uses for them. */
final readonly class PointsWord
{
    private function __construct(private string $one, private string $several)
    {
    }

    public static function english(): self
    {
        return new self('point', 'points');
    }

    /** English where none is used yet. */
    public static function usedIn(string $text): self
    {
        $words = PaperWords::all()->points;
        if (!str_contains($text, '(') || 0 === Regex::matchAll("~\\((\\d{1,3}(?:[.,]\\d{1,2})?+)\\s*+({$words})\\)~iu", $text, $found, \PREG_SET_ORDER)) {
            return self::english();
        }
        $one = $several = null;
        foreach ($found as [, $number, $word]) {
            '1' === $number ? $one ??= $word : $several ??= $word;
        }
        $english = ['point' => 'points', 'mark' => 'marks', 'pt' => 'pts'];
        $several ??= $english[strtolower((string) $one)] ?? (string) $one;

        return new self($one ?? self::singular($several, $english), $several);
    }

    /** @param array<string, string> $plurals */
    private static function singular(string $several, array $plurals): string
    {
        $one = array_search(strtolower($several), $plurals, true);

        return false === $one ? $several : $one;
    }

    public function of(string $points): string
    {
        return \sprintf('(%s %s)', $points, '1' === $points ? $this->one : $this->several);
    }
}
