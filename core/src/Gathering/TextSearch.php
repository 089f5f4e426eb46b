<?php

declare(strict_types=1);

namespace Notagram\Gathering;

use Notagram\Notation\Block;
use Notagram\Notation\Notation;
use Notagram\Source\Regex;

/** Finds words in the texts of sheets, whatever their case, with the question that each place is in. */
final readonly class TextSearch
{
    private const CHARACTERS_BEFORE = 36;
    private const CHARACTERS_AFTER = 60;

    private string $pattern;

    /** @param string $words in this order; any blanks may stand between them */
    public function __construct(string $words)
    {
        $this->pattern = '/'.Regex::replace('/\s++/u', '\s++', preg_quote(trim($words), '/')).'/iu';
    }

    /** @return list<TextPlace> at most $most, one a question */
    public function in(string $text, Notation $notation, int $most): array
    {
        if (!Regex::match($this->pattern, $text)) {
            return [];
        }
        $found = [];
        $number = 0;
        foreach ($notation->reader()->split($text) as $block) {
            $number += $block->kind->isNumbered() ? 1 : 0;
            if (\count($found) < $most && Regex::match($this->pattern, $block->textIn($text), $match, \PREG_OFFSET_CAPTURE)) {
                $found[] = $this->place($block, $text, $block->kind->isNumbered() ? $number : null, $match[0][1], \strlen($match[0][0]));
            }
        }

        return $found;
    }

    private function place(Block $block, string $text, ?int $number, int $at, int $length): TextPlace
    {
        $own = $block->textIn($text);
        $before = ltrim(self::onOneLine(substr($own, 0, $at)));
        $after = rtrim(self::onOneLine(substr($own, $at + $length)));
        if (mb_strlen($before) > self::CHARACTERS_BEFORE) {
            $before = '… '.Regex::replace('/^\S*\s/u', '', mb_substr($before, -self::CHARACTERS_BEFORE));
        }
        if (mb_strlen($after) > self::CHARACTERS_AFTER) {
            $after = Regex::replace('/\s\S*\z/u', '', mb_substr($after, 0, self::CHARACTERS_AFTER)).' …';
        }

        return new TextPlace($number, $before, self::onOneLine(substr($own, $at, $length)), $after);
    }

    private static function onOneLine(string $text): string
    {
        return Regex::replace('/\s++/u', ' ', $text);
    }
}
