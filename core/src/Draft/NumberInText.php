<?php

declare(strict_types=1);

namespace Notagram\Draft;

use Notagram\Check\Language;
use Notagram\Check\Words;
use Notagram\Source\Regex;
use Notagram\Source\Span;

/** A number that a sentence gives, in figures. */
final readonly class NumberInText
{
    /**
     * @param string $text as written
     * @param string $kind numbers of one kind can stand for each other: years, shares of a hundred, decimals, counts
     */
    private function __construct(public string $text, public Span $span, public string $kind, public float $value)
    {
    }

    /**
     * Without those that are part of a word, a time, a range, a fraction or an ordinal, and without one: what is counted once
     * is worded otherwise.
     *
     * @return list<self>
     */
    public static function allIn(Sentence $sentence, Passage $passage): array
    {
        $joint = '[.,:\/–—−-]';
        $number = "(?<![\\p{L}\\p{N}])(?<![\\p{N}]{$joint})(?<![–—−-])(?<!\\p{N} )(?:\\d{1,3}(?:([ ,.'’\\x{A0}\\x{202F}])\\d{3})(?:\\1\\d{3})*+|\\d++)(?:[.,]\\d++)?+(?![\\p{L}\\p{N}]|{$joint}\\d|[-–—−]| \\p{N})";
        Regex::matchAll("/{$number}/u", $sentence->text, $matches, \PREG_OFFSET_CAPTURE);
        $numbers = [];
        foreach ($matches[0] as [$text, $at]) {
            $behind = substr($sentence->text, $at + \strlen($text));
            $isOrdinal = Language::German === $passage->language && Regex::match('/^\.\s+\p{L}/u', $behind);
            $value = self::valueOf($text);
            if (!$isOrdinal && 1.0 !== $value && 0.0 !== $value) {
                $numbers[] = new self($text, new Span($at, $at + \strlen($text)), self::kindOf($text, $behind, $passage), $value);
            }
        }

        return $numbers;
    }

    /** As it is written without what groups its figures; the same where nothing does. */
    public function ungrouped(): string
    {
        return Regex::match('/^\d{1,3}(?:[ ,.\'’\x{A0}\x{202F}]\d{3})+\z/u', $this->text) ? Regex::replace('/\D/u', '', $this->text) : $this->text;
    }

    /** How many times the one is the other, the greater by the smaller. */
    public function distanceTo(self $other): float
    {
        return max($this->value, $other->value) / max(1e-9, min($this->value, $other->value));
    }

    private static function valueOf(string $text): float
    {
        $grouped = Regex::replace('/[ \'’\x{A0}\x{202F}]|[.,](?=\d{3}(?:\D|\z))/u', '', $text);

        return (float) str_replace(',', '.', $grouped);
    }

    private static function kindOf(string $text, string $behind, Passage $passage): string
    {
        return match (true) {
            Regex::match('/^[ \x{A0}\x{202F}]?(?:%|percent\b|per cent\b|Prozent\b|por ciento\b|pour cent\b|per cento\b|procent\b|por cento\b)/u', $behind) => 'share',
            Regex::match('/^(?:1\d|20)\d\d\z/', $text) && !self::isCounted($behind, $passage) => 'year',
            Regex::match('/^\d++[.,]\d{1,2}\z/', $text) => 'decimal',
            default => 'count',
        };
    }

    /** Whether a thing is named behind a number: “2000 eggs”, but not “1851 the”. */
    private static function isCounted(string $behind, Passage $passage): bool
    {
        return Regex::match('/^ (\p{Ll}[\p{L}\p{M}]*+)/u', $behind, $match) && true !== $passage->words()?->is(mb_strtolower($match[1], 'UTF-8'), Words::FUNCTION);
    }
}
