<?php

declare(strict_types=1);

namespace Notagram\Notation;

use Notagram\Source\LineEnding;
use Notagram\Source\Regex;

/** What a text is that is no list of questions, by its shape alone. */
enum TextKind: string
{
    case Table = 'table';
    case TermList = 'terms';
    case Structured = 'structured';
    case Prose = 'prose';

    /** How many lines tell; a longer text goes on as it began. */
    private const LOOK = 200;
    /** Bytes; a number that is cut off in them is found in the whole. */
    private const START = 5_000;

    /** Null where something in it speaks for questions, or where it says too little to tell. */
    public static function of(string $text): ?self
    {
        $start = ltrim(mb_strcut($text, 0, 10_000, 'UTF-8'), "\u{FEFF} \t\r\n");
        if (Regex::match('/\A<(?:\?xml|!doctype|[a-z][\w:-]*+(?:\s[^<>]*+)?>)/i', $start) || (Regex::match('/\A(?:\{\s*+"|\[\s*+[\[{"])/', $start) && Regex::match('/[}\]]\s*+\z/', substr($text, -100)))) {
            return self::Structured;
        }
        // Nearly all say so where they begin, and this is asked at every key press.
        if (self::speaksForQuestions(mb_strcut($text, 0, self::START, 'UTF-8')) || (\strlen($text) > self::START && self::speaksForQuestions($text))) {
            return null;
        }
        $lines = \array_slice(array_values(array_filter(explode("\n", LineEnding::folded($text), self::LOOK), static fn (string $line) => '' !== trim($line))), 0, self::LOOK - 1);

        return match (true) {
            self::isTable($lines) => self::Table,
            self::isTermList($lines) => self::TermList,
            \count($lines) > 1 || Regex::match('/[.!?]["”’)]?\s++\S/u', $lines[0] ?? '') => self::Prose,
            default => null,
        };
    }

    /** Braces with answers, a title, a category; an answer line; a number or a letter with its sign before a text. */
    private static function speaksForQuestions(string $text): bool
    {
        if (Regex::match('/(*ANYCRLF)\{\s*+(?:[^{}\n]{0,200}[=~]|[#}]|(?:T|F|TRUE|FALSE)\s*+[#}])|^(?:::|\$CATEGORY:)/mi', $text)) {
            return true;
        }
        foreach (Notations::all() as $notation) {
            if ('gift' !== $notation->id() && $notation->signsIn($text) > 0) {
                return true;
            }
        }

        return false;
    }

    /** @param list<string> $lines */
    private static function isTable(array $lines): bool
    {
        foreach (["\t", ';', ',', '|'] as $separator) {
            $counts = array_map(static fn (string $line) => substr_count($line, $separator), $lines);
            if (\count($lines) > 1 && $counts[0] > 1 && \count(array_filter($counts, static fn (int $count) => $count === $counts[0])) >= 0.8 * \count($counts)) {
                return true;
            }
        }

        return false;
    }

    /** @param list<string> $lines each in two parts, by one separator */
    private static function isTermList(array $lines): bool
    {
        foreach (['\t', ' = ', ' [-–—] ', ': ', ' {3,}+'] as $separator) {
            $inTwo = array_filter($lines, static fn (string $line) => 1 === Regex::matchAll("~(?<=\\S){$separator}(?=\\S)~u", trim($line)));
            if (\count($lines) > 1 && \count($inTwo) === \count($lines)) {
                return true;
            }
        }

        return false;
    }
}
