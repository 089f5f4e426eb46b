<?php

declare(strict_types=1);

namespace Notagram\Check;

/** The languages whose words the rules know; the value is the ISO 639-1 code. */
enum Language: string
{
    case English = 'en';
    case German = 'de';
    case Spanish = 'es';
    case French = 'fr';
    case Italian = 'it';
    case Dutch = 'nl';
    case Portuguese = 'pt';

    /** The words of each language are counted in so many bits of one number, which adds up all seven at once. */
    private const BITS = 9;
    private const MOST_COUNTED = (1 << self::BITS) - 1;

    /**
     * The one that most of the little words belong to; null where none does, so that a text in another language is not
     * judged by the words of one of these.
     *
     * @param list<string> $words in lower case
     */
    public static function of(array $words): ?self
    {
        $ofWord = self::countsOfWords();
        $counts = 0;
        foreach (\count($words) > self::MOST_COUNTED ? \array_slice($words, 0, self::MOST_COUNTED) : $words as $word) {
            $counts += $ofWord[$word] ?? 0;
        }
        if (0 === $counts) {
            return null;
        }
        $most = $ofMost = 0;
        for ($index = 0; 0 !== $counts; ++$index, $counts >>= self::BITS) {
            if (($counts & self::MOST_COUNTED) > $most) {
                $most = $counts & self::MOST_COUNTED;
                $ofMost = $index;
            }
        }

        return self::cases()[$ofMost];
    }

    /** @return array<string, int> each little word with a one in the place of each language it belongs to */
    private static function countsOfWords(): array
    {
        /** @var ?array<string, int> $counts */
        static $counts = null;
        if (null === $counts) {
            $counts = [];
            foreach (self::cases() as $index => $language) {
                foreach (Words::in($language)->kinds as $word => $kind) {
                    if (0 !== ($kind & Words::FUNCTION)) {
                        $counts[$word] = ($counts[$word] ?? 0) + (1 << ($index * self::BITS));
                    }
                }
            }
        }

        return $counts;
    }
}
