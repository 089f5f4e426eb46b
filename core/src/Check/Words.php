<?php

declare(strict_types=1);

namespace Notagram\Check;

/** What the rules of craft and the drafting of questions know of one language; its words stand in data/words. */
final readonly class Words
{
    // What a word is, as bits.
    public const FUNCTION = 1;
    public const NEGATIVE = 2;
    public const ARTICLE = 4;
    public const BEGINS_DATED = 8;
    public const DETERMINER = 16;
    public const DEFINING = 32;
    public const POINTING = 64;

    /**
     * @param array<string, int>  $kinds    each word of which something is known, with what it is
     * @param array<string, true> $true
     * @param array<string, true> $false
     * @param list<string>        $numbers  from zero on
     * @param string              $dated    a pattern that finds a dated word or phrase
     * @param string              $absolute a pattern that finds “always” and its like
     * @param string              $allOfTheAbove a pattern that matches a whole line, as are the next two
     * @param string              $otherOptions “both A and C”
     * @param string              $leaning  a pattern that matches a whole line if one of these three does
     */
    private function __construct(
        public array $kinds,
        public array $true,
        public array $false,
        public array $numbers,
        public string $dated,
        public string $absolute,
        public string $allOfTheAbove,
        public string $noneOfTheAbove,
        public string $otherOptions,
        public string $leaning,
    ) {
    }

    public static function in(Language $language): self
    {
        /** @var array<string, self> $loaded */
        static $loaded = [];

        return $loaded[$language->value] ??= self::load($language);
    }

    public function is(string $word, int $kind): bool
    {
        return 0 !== (($this->kinds[$word] ?? 0) & $kind);
    }

    private static function load(Language $language): self
    {
        /** @var array{function: list<string>, negative: list<string>, dated: list<string>, absolute: list<string>, articles: list<string>, determiners: list<string>, defining: list<string>, pointing: list<string>, true: list<string>, false: list<string>, numbers: list<string>, allOfTheAbove: string, noneOfTheAbove: string, otherOptions: string} $lists */
        $lists = require __DIR__."/../../data/words/{$language->value}.php";
        $kinds = [];
        $firstOf = static fn (string $phrase): string => explode(' ', $phrase)[0];
        foreach ([[$lists['function'], self::FUNCTION], [$lists['negative'], self::NEGATIVE], [$lists['articles'], self::ARTICLE], [array_map($firstOf, $lists['dated']), self::BEGINS_DATED], [$lists['determiners'], self::DETERMINER], [$lists['defining'], self::DEFINING], [$lists['pointing'], self::POINTING]] as [$words, $kind]) {
            foreach ($words as $word) {
                $kinds[$word] = ($kinds[$word] ?? 0) | $kind;
            }
        }

        $otherOptions = str_replace('{L}', '[(“"\']?[a-h][)”"\']?', $lists['otherOptions']);

        return new self(
            $kinds,
            array_fill_keys($lists['true'], true),
            array_fill_keys($lists['false'], true),
            $lists['numbers'],
            self::anyOf($lists['dated']),
            self::anyOf($lists['absolute']),
            self::wholeLine($lists['allOfTheAbove']),
            self::wholeLine($lists['noneOfTheAbove']),
            self::wholeLine($otherOptions),
            self::wholeLine("{$lists['allOfTheAbove']}|{$lists['noneOfTheAbove']}|{$otherOptions}"),
        );
    }

    /** @param list<string> $phrases */
    private static function anyOf(array $phrases): string
    {
        $phrases = implode('|', array_map(static fn (string $phrase) => preg_quote($phrase, '/'), $phrases));

        return "/(?<![\\p{L}\\p{N}-])(?:{$phrases})(?![\\p{L}\\p{N}-])/u";
    }

    private static function wholeLine(string $pattern): string
    {
        return "/^(?:{$pattern})[.!]?$/mu";
    }
}
