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

    /**
     * The one that most of the little words belong to; null where none does, so that a text in another language is not
     * judged by the words of one of these.
     *
     * @param list<string> $words in lower case
     */
    public static function of(array $words): ?self
    {
        $known = self::functionWords();
        $times = [];
        foreach ($words as $word) {
            if (isset($known[$word])) {
                foreach ($known[$word] as $language) {
                    $times[$language] = ($times[$language] ?? 0) + 1;
                }
            }
        }
        if ([] === $times) {
            return null;
        }

        return self::from((string) array_search(max($times), $times, true));
    }

    /** @return array<string, list<string>> each little word with the languages it belongs to */
    private static function functionWords(): array
    {
        /** @var ?array<string, list<string>> $known */
        static $known = null;
        if (null === $known) {
            $known = [];
            foreach (self::cases() as $language) {
                foreach (Words::in($language)->kinds as $word => $kind) {
                    if (0 !== ($kind & Words::FUNCTION)) {
                        $known[$word][] = $language->value;
                    }
                }
            }
        }

        return $known;
    }
}
