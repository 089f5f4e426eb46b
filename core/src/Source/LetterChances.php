<?php

declare(strict_types=1);

namespace Notagram\Source;

/**
 * How likely a text is in a language, by its letters and the pairs they make: enough to tell in which encoding bytes make words.
 *
 * The chances stand in data/languages.txt.
 */
final class LetterChances
{
    /** What a character costs that a language has no figure for; hundredths of a natural logarithm. */
    private const LETTER = 1_000;
    private const PUNCTUATION = 450;
    private const SYMBOL = 1_300;
    private const CONTROL = 2_500;
    /** A pair that is not among the common ones costs its second letter and this. */
    private const RARE_PAIR = 150;
    private const INSIDE_A_WORD = 700;
    private const CAPITAL = 60;
    private const CAPITAL_INSIDE = 500;

    private const SPELLED_OTHERWISE = ['ţ' => 'ț', 'ş' => 'ș'];

    /** @param array<string, int> $costs of letters and pairs */
    private function __construct(private readonly array $costs)
    {
    }

    /**
     * The score of a text in the one of these languages that it fits best; nearer to zero is likelier.
     *
     * @param list<string> $languages
     */
    public static function likeliest(string $text, array $languages): float
    {
        [$pairs, $elsewhere] = self::pairsOf($text);
        $least = \INF;
        foreach ($languages as $code) {
            $least = min($least, self::load()[$code]->cost($pairs));
        }

        return -$least - $elsewhere;
    }

    /** @param array<string, int> $pairs each with how often it comes up */
    private function cost(array $pairs): int
    {
        $cost = 0;
        foreach ($pairs as $pair => $times) {
            $second = mb_substr($pair, 1, 1, 'UTF-8');
            if ('_' === $second) {
                continue;
            }
            $letter = $this->costs[$second] ?? self::LETTER;
            $cost += $times * min($this->costs[$pair] ?? $letter + self::RARE_PAIR, $letter + self::RARE_PAIR);
        }

        return $cost;
    }

    /**
     * The pairs of letters of a text, _ being the edge of a word; and what all that is no letter costs in any language.
     *
     * @return array{array<string, int>, int}
     */
    private static function pairsOf(string $text): array
    {
        $elsewhere = 0;
        $elsewhere += self::CONTROL * Regex::matchAll('/[\x{00}-\x{08}\x{0E}-\x{1A}\x{1C}-\x{1F}\x{7F}-\x{9F}\x{FFFD}\p{Co}\p{Cn}]/u', $text);
        $elsewhere += self::PUNCTUATION * Regex::matchAll('/[\x{A0}¡§©«®°·»¿‘’‚“”„‟–—…€•、。「」，！？：；（）《》“”　・ー]/u', $text);
        $elsewhere += self::SYMBOL * Regex::matchAll('/(?![\x{A0}¡§©«®°·»¿‘’‚“”„‟–—…€•、。「」，！？：；（）《》　・ー])[^\x00-\x7F\p{L}\p{M}\p{C}]/u', $text);
        $elsewhere += self::INSIDE_A_WORD * Regex::matchAll('/\p{L}[\x{A0}¡§©«®°»¿‘‚“”„‟–—…€•](?=\p{L})/u', $text);
        $elsewhere += self::CAPITAL * Regex::matchAll('/(?![A-Z])\p{Lu}/u', $text);
        $elsewhere += self::CAPITAL_INSIDE * (Regex::matchAll('/\p{Ll}(?![A-Z])\p{Lu}/u', $text) + Regex::matchAll('/(?![a-z])\p{Ll}[A-Z]/u', $text));
        $pairs = [];
        // Old encodings have the cedilla where Romanian now has the comma; here they are one letter.
        Regex::matchAll('/[\p{L}\p{M}]++/u', strtr(mb_strtolower($text, 'UTF-8'), self::SPELLED_OTHERWISE), $words);
        foreach ($words[0] as $word) {
            $previous = '_';
            foreach (mb_str_split($word, 1, 'UTF-8') as $letter) {
                $pairs[$previous.$letter] = ($pairs[$previous.$letter] ?? 0) + 1;
                $previous = $letter;
            }
        }

        return [$pairs, $elsewhere];
    }

    /** @return array<string, self> by code */
    private static function load(): array
    {
        /** @var ?array<string, self> $languages */
        static $languages = null;
        if (null === $languages) {
            $languages = [];
            Regex::matchAll('/^([a-zA-Z-]+)( .+)$/m', (string) file_get_contents(__DIR__.'/../../data/languages.txt'), $lines, \PREG_SET_ORDER);
            foreach ($lines as [, $code, $line]) {
                Regex::matchAll('/ (\D+)(\d+)/', strtr($line, self::SPELLED_OTHERWISE), $entries);
                $languages[$code] = new self(array_map(intval(...), array_combine($entries[1], $entries[2])));
            }
        }

        return $languages;
    }
}
