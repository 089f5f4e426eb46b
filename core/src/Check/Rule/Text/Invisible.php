<?php

declare(strict_types=1);

namespace Notagram\Check\Rule\Text;

use Notagram\Check\TextRule;
use Notagram\Finding\Finding;
use Notagram\Finding\Fix;
use Notagram\Finding\TextEdit;
use Notagram\Source\Regex;
use Notagram\Source\Span;

/**
 * Doubts characters that nobody sees: zero-width ones, soft hyphens, control characters, directional marks without their
 * other half. Joiners that hold letters or emoji together stay. One finding a block, at the first of them.
 */
final readonly class Invisible implements TextRule
{
    public const CODE = 'text.invisible';

    private const ANY = '/[\x{00}-\x{08}\x{0B}\x{0C}\x{0E}-\x{1F}\x{7F}-\x{9F}\x{AD}\x{180E}\x{200B}-\x{200D}\x{202A}-\x{202E}\x{2060}-\x{2064}\x{2066}-\x{2069}\x{FEFF}]/u';

    /** The same by their bytes: quicker where there is none, as nearly always. */
    public const SIGNS = '[\x00-\x08\x0B\x0C\x0E-\x1F\x7F]|\xC2[\x80-\x9F\xAD]|\xE1\xA0\x8E|\xE2(?:\x80[\x8B-\x8D\xAA-\xAE]|\x81[\xA0-\xA9])|\xEF\xBB\xBF';

    /** What opens a stretch of a direction, and what closes it. */
    private const OPENING = ["\u{202A}", "\u{202B}", "\u{202D}", "\u{202E}", "\u{2066}", "\u{2067}", "\u{2068}"];
    private const CLOSING = ["\u{202C}", "\u{2069}"];

    public function check(string $text): array
    {
        $findings = [];
        if (0 === Regex::matchAll(self::ANY, $text, $matches, \PREG_OFFSET_CAPTURE)) {
            return $findings;
        }
        $balanced = $this->balanced($matches[0]);
        $edits = [];
        $first = '';
        foreach ($matches[0] as [$character, $offset]) {
            if (!isset($balanced[$offset]) && !$this->joins($character, $text, $offset)) {
                $edits[] = TextEdit::remove(new Span($offset, $offset + \strlen($character)));
                $first = '' === $first ? $character : $first;
            }
        }
        if ([] === $edits) {
            return $findings;
        }
        $findings[] = Finding::doubt(
            self::CODE,
            $edits[0]->span,
            Fix::safe('remove-invisible', $edits),
            count: \count($edits),
            kind: self::kindOf($first),
        );

        return $findings;
    }

    /**
     * @param list<array{string, int}> $found
     *
     * @return array<int, true> the offsets of directional marks that have their other half
     */
    private function balanced(array $found): array
    {
        $open = $balanced = [];
        foreach ($found as [$character, $offset]) {
            if (\in_array($character, self::OPENING, true)) {
                $open[] = $offset;
            } elseif (\in_array($character, self::CLOSING, true) && null !== $opening = array_pop($open)) {
                $balanced[$opening] = $balanced[$offset] = true;
            }
        }

        return $balanced;
    }

    /** Whether a joiner stands where scripts and emoji need one. */
    private function joins(string $character, string $text, int $offset): bool
    {
        if ("\u{200C}" !== $character && "\u{200D}" !== $character) {
            return false;
        }
        $before = substr($text, max(0, $offset - 8), min(8, $offset));
        $after = substr($text, $offset + 3, 8);

        return Regex::match('/[\p{Arabic}\p{Syriac}\p{Mongolian}\p{Nko}\p{Devanagari}\p{Bengali}\p{Gurmukhi}\p{Gujarati}\p{Oriya}\p{Tamil}\p{Telugu}\p{Kannada}\p{Malayalam}\p{Sinhala}\p{Khmer}]\p{M}*+\z/u', self::wholeCharacters($before))
            || ("\u{200D}" === $character && Regex::match('/[\p{So}\p{Sk}\x{FE0F}]\z/u', self::wholeCharacters($before)) && Regex::match('/^[\p{So}\x{2640}\x{2642}]/u', mb_strcut($after, 0, 4, 'UTF-8')));
    }

    /** Without the rest of a character that was cut in two. */
    private static function wholeCharacters(string $bytes): string
    {
        return Regex::replace('/^[\x80-\xBF]++/', '', $bytes);
    }

    private static function kindOf(string $character): string
    {
        return match ($character) {
            "\u{AD}" => 'softHyphen',
            "\u{200B}", "\u{FEFF}", "\u{2060}", "\u{180E}" => 'zeroWidth',
            "\u{200C}", "\u{200D}" => 'joiner',
            default => \in_array($character, [...self::OPENING, ...self::CLOSING], true) ? 'direction' : 'control',
        };
    }
}
