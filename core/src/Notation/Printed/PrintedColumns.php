<?php

declare(strict_types=1);

namespace Notagram\Notation\Printed;

use Notagram\Notation\PaperWords;
use Notagram\Source\Regex;

/** Finds what is set in columns: two lists to match, and statements with a column each for true and false. */
final class PrintedColumns
{
    public const ROW = '/^(?<lead>_++\s*+(?<filled>[A-Za-z])\s*+_++\s*+|_{2,}+\s*+|\(\s*+(?<in>[A-Za-z]?)\s*+\)\s*+)?(?<number>\d{1,2})[.)]\s++(?<prompt>\S(?:.*?\S)?)(?:\s{2,}+|\t\s*+)(?<open>\()?(?<letter>[A-Za-z])[.)]\s++(?<match>\S.*)\z/u';

    private const LONGEST_ROW = 400;

    /**
     * @param list<Piece> $pieces
     *
     * @return bool whether there is anything of the kind
     */
    public static function settle(array $pieces): bool
    {
        self::matchRows($pieces);
        self::truthColumns($pieces);

        return [] !== array_filter($pieces, static fn (Piece $piece) => Role::MatchRow === $piece->role || Role::TruthHead === $piece->role);
    }

    /** @param list<Piece> $pieces */
    private static function matchRows(array $pieces): void
    {
        $run = [];
        $number = $letter = 0;
        $lines = [];
        foreach ($pieces as $index => $piece) {
            $lines[$piece->line->number][] = $index;
        }
        $all = array_values($lines);
        foreach ([...$all, []] as $indices) {
            $line = [] === $indices ? null : $pieces[$indices[0]]->line;
            if (null !== $line && '' === $line->trimmed()) {
                continue;
            }
            $isWide = null !== $line && (str_contains($line->text, '  ') || str_contains($line->text, "\t"));
            $isRow = $isWide && Role::Passage === $pieces[$indices[0]]->role && \strlen($line->text) <= self::LONGEST_ROW && Regex::match(self::ROW, $line->trimmed(), $match);
            if ($isRow && [] !== $run && (int) $match['number'] === $number + 1 && \ord(strtolower($match['letter'])) - 96 === $letter + 1) {
                $run[] = $indices;
            } else {
                self::take($pieces, $run);
                $run = $isRow && 1 === \ord(strtolower($match['letter'])) - 96 ? [$indices] : [];
            }
            if ($isRow) {
                [$number, $letter] = [(int) $match['number'], \ord(strtolower($match['letter'])) - 96];
            }
        }
    }

    /**
     * @param list<Piece>     $pieces
     * @param list<list<int>> $run
     */
    private static function take(array $pieces, array $run): void
    {
        if (\count($run) < 2) {
            return;
        }
        foreach ($run as $indices) {
            foreach ($indices as $index) {
                $pieces[$index]->role = Role::MatchRow;
            }
        }
    }

    /** @param list<Piece> $pieces */
    private static function truthColumns(array $pieces): void
    {
        $words = PaperWords::all();
        $isBelow = false;
        foreach ($pieces as $piece) {
            if (Role::Passage === $piece->role && !$piece->isInner && \strlen($piece->text) < 80 && Regex::match("~^(?:(?:{$words->statement}|n[ro]\\.?)?\\s*(?:\\t|\\s{2,}))?({$words->true})(?:\\t|\\s{2,})\\s*({$words->false})\\z~iu", trim($piece->line->text, ' ')) && 1 < substr_count($piece->line->text, "\t") + (int) Regex::match('/\S\s{2,}\S+\s{2,}/', $piece->line->text)) {
                $piece->role = Role::TruthHead;
                $isBelow = true;
            } elseif ($isBelow && Role::Passage === $piece->role && Regex::match('/\S *\t[ \t]*+(?:[xX✓✔✗✘☒☑●■☐□◻▢❏❑○◯]|\[[\sxX]?\]|\(\s?\))/u', rtrim($piece->line->text))) {
                $piece->role = Role::Question;
            } elseif (Role::Blank !== $piece->role) {
                $isBelow = false;
            }
        }
    }
}
