<?php

declare(strict_types=1);

namespace Notagram\Check;

/** What the rules of craft know of one language; its words stand in data/words. */
final readonly class Words
{
    /**
     * @param array<string, true> $function       the little words that every text is full of
     * @param array<string, true> $negative
     * @param array<string, true> $absolute
     * @param array<string, true> $articles       indefinite ones
     * @param array<string, true> $true
     * @param array<string, true> $false
     * @param list<string>        $numbers        from zero on
     * @param string              $dated          a pattern that finds a dated word or phrase
     * @param string              $allOfTheAbove  a pattern that matches a whole option, as are the next two
     * @param string              $otherOptions   “both A and C”
     */
    private function __construct(
        public array $function,
        public array $negative,
        public array $absolute,
        public array $articles,
        public array $true,
        public array $false,
        public array $numbers,
        public string $dated,
        public string $allOfTheAbove,
        public string $noneOfTheAbove,
        public string $otherOptions,
    ) {
    }

    public static function in(Language $language): self
    {
        /** @var array<string, self> $loaded */
        static $loaded = [];

        return $loaded[$language->value] ??= self::load($language);
    }

    private static function load(Language $language): self
    {
        /** @var array{function: list<string>, negative: list<string>, dated: list<string>, absolute: list<string>, articles: list<string>, true: list<string>, false: list<string>, numbers: list<string>, allOfTheAbove: string, noneOfTheAbove: string, otherOptions: string} $lists */
        $lists = require __DIR__."/../../data/words/{$language->value}.php";
        $dated = implode('|', array_map(static fn (string $phrase) => preg_quote($phrase, '/'), $lists['dated']));
        $letter = '[(“"\']?[a-h][)”"\']?';

        return new self(
            self::set($lists['function']),
            self::set($lists['negative']),
            self::set($lists['absolute']),
            self::set($lists['articles']),
            self::set($lists['true']),
            self::set($lists['false']),
            $lists['numbers'],
            "/(?<![\\p{L}\\p{N}-])(?:{$dated})(?![\\p{L}\\p{N}-])/u",
            self::wholeOption($lists['allOfTheAbove']),
            self::wholeOption($lists['noneOfTheAbove']),
            self::wholeOption(str_replace('{L}', $letter, $lists['otherOptions'])),
        );
    }

    /**
     * @param list<string> $words
     *
     * @return array<string, true>
     */
    private static function set(array $words): array
    {
        return array_fill_keys($words, true);
    }

    private static function wholeOption(string $pattern): string
    {
        return "/^(?:{$pattern})[.!]?\\z/u";
    }
}
