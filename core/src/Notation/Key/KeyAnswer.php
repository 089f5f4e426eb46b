<?php

declare(strict_types=1);

namespace Notagram\Notation\Key;

use Notagram\Source\Regex;

/** What an answer as written in a key means for options, or for a typed answer. */
final class KeyAnswer
{
    /**
     * @param list<string> $letters of the options, as written
     * @param list<string> $texts
     *
     * @return ?list<int> the options meant; null where the answer names something else
     */
    public static function options(string $answer, array $letters, array $texts): ?array
    {
        $answer = trim($answer, " \t.()*");
        $byText = \strlen($answer) > 1 ? array_keys(array_map(mb_strtolower(...), $texts), mb_strtolower($answer), true) : [];
        if (1 === \count($byText)) {
            return $byText;
        }
        $letters = array_map(strtolower(...), $letters);
        $said = Regex::match('/^[A-Z]{2,}\z/', $answer)
            ? str_split($answer)
            : (Regex::match('/^[A-Za-z](?:(?:[ \t]*+[,;&+\/][ \t]*+|[ \t]++(?:and|und|et|y|e|en)[ \t]++|[ \t]++)[A-Za-z])*+[.)]?\z/i', $answer) ? explode(' ', trim(Regex::replace('/\b(?:and|und|et|en)\b|[^A-Za-z]++/i', ' ', $answer))) : []);
        // “b. the queen”, “B) 12”: the letter tells.
        if ([] === $said && Regex::match('/^\(?([A-Za-z])[.)][ \t]++\S/', $answer, $match)) {
            $said = [$match[1]];
        }
        $meant = [];
        foreach ($said as $letter) {
            if ('' === $letter) {
                continue;
            }
            $index = array_search(strtolower($letter), $letters, true);
            if (false === $index) {
                return null;
            }
            $meant[] = $index;
        }
        sort($meant);

        return [] === $meant ? null : array_values(array_unique($meant));
    }

    /**
     * “honey – Bees make it of nectar.”, “True (It is warm there.)”: a whole sentence is no part of a word to type.
     *
     * @return array{string, ?string}
     */
    public static function sentenceApart(string $answer): array
    {
        // Behind a full stop only where the word before it begins no sentence: “Prof. Meier keeps bees.” is one.
        $isApart = Regex::match('~^((?!\p{Lu}[^–—(-]*\.\s)[^.–—()]{1,40}?)(?:\s++[–—-]\s++|\.\s++|\s*+\()(\p{Lu}(?=\S*+\s++\S++\s++\S)[^()]*[.!])\)?\z~u', $answer, $match);

        return $isApart ? [$match[1], $match[2]] : [$answer, null];
    }

    /**
     * “B) the queen – Only she lays eggs.”: the letter, and what is said behind the text of its option besides.
     *
     * @param list<string> $letters of the options, as written
     * @param list<string> $texts
     *
     * @return array{string, ?string}
     */
    public static function remarkApart(string $answer, array $letters, array $texts): array
    {
        if (!Regex::match('/^\(?([A-Za-z])[.)][ \t]++/', $answer, $match)) {
            return [$answer, null];
        }
        $index = array_search(strtolower($match[1]), array_map(strtolower(...), $letters), true);
        $text = false === $index ? '' : trim($texts[$index]);
        $rest = substr($answer, \strlen($match[0]));
        if ('' === $text || !str_starts_with(mb_strtolower($rest), mb_strtolower($text)) || !Regex::match('/^(?:\s*+[-–—:]\s++|[.]\s++|\s*+(?=\())(\S.*)\z/su', mb_substr($rest, mb_strlen($text)), $behind)) {
            return [$answer, null];
        }

        return [$match[1], Regex::match('/^\(([^()]*+)\)\z/', $behind[1], $inside) ? $inside[1] : $behind[1]];
    }

    /** @return list<string> the accepted forms of a typed answer: parted by “ / ”, “\/” is a slash */
    public static function forms(string $answer): array
    {
        return array_map(static fn (PlacedForm $form) => $form->text, self::placedForms($answer));
    }

    /** @return list<PlacedForm> */
    public static function placedForms(string $answer): array
    {
        $forms = [];
        $start = \strlen($answer) - \strlen(ltrim($answer));
        $answer = rtrim($answer);
        Regex::matchAll('~(?<!\s)\s++/\s++~', $answer, $slashes, \PREG_OFFSET_CAPTURE, $start);
        foreach ([...$slashes[0], ['', \strlen($answer)]] as [$slash, $end]) {
            if ($end > $start) {
                $forms[] = new PlacedForm(str_replace('\/', '/', substr($answer, $start, $end - $start)), $start, $end);
            }
            $start = $end + \strlen($slash);
        }

        return $forms;
    }

    /** @param list<string> $forms */
    public static function spelled(array $forms): string
    {
        return implode(' / ', array_map(static fn (string $form) => Regex::replace('~(?<=\s)/(?=\s)|(?<=^)/(?=\s)|(?<=\s)/(?=\z)~', '\/', $form), $forms));
    }
}
