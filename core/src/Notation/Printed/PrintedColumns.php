<?php

declare(strict_types=1);

namespace Notagram\Notation\Printed;

use Notagram\Notation\PaperWords;
use Notagram\Source\Regex;

/** Finds what is set in columns: two lists to match, and statements with a column each for true and false. */
final class PrintedColumns
{
    public const ROW = '/^(?<lead>_++\s*+(?<filled>[A-Za-z])\s*+_++\s*+|_{2,}+\s*+|\(\s*+(?<in>[A-Za-z]?)\s*+\)\s*+)?(?<number>\d{1,2})(?:[.)]|\s?[–-])\s++(?<prompt>\S(?:.*?\S)?)(?:\s{2,}+|\t\s*+)(?<open>\()?(?<letter>[A-Za-z])[.)]\s++(?<match>\S.*)\z/u';

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
        foreach ($pieces as $index => $piece) {
            $line = $piece->line;
            $text = $line->trimmed();
            if ($piece->isInner || '' === $text) {
                continue;
            }
            $mayBe = str_contains('_(0123456789', $text[0]) && (str_contains($line->text, '  ') || str_contains($line->text, "\t"));
            $isRow = $mayBe && Role::Passage === $piece->role && \strlen($line->text) <= self::LONGEST_ROW && Regex::match(self::ROW, $text, $match);
            if ($isRow && [] !== $run && (int) $match['number'] === $number + 1 && \ord(strtolower($match['letter'])) - 96 === $letter + 1) {
                $run[] = $index;
            } else {
                self::take($pieces, $run);
                $run = $isRow && 1 === \ord(strtolower($match['letter'])) - 96 ? [$index] : [];
            }
            if ($isRow) {
                [$number, $letter] = [(int) $match['number'], \ord(strtolower($match['letter'])) - 96];
            }
        }
        self::take($pieces, $run);
    }

    /**
     * @param list<Piece> $pieces
     * @param list<int>   $run    the first piece of each line
     */
    private static function take(array $pieces, array $run): void
    {
        if (\count($run) < 2) {
            return;
        }
        foreach ($run as $index) {
            do {
                $pieces[$index]->role = Role::MatchRow;
                ++$index;
            } while ($pieces[$index]->isInner ?? false);
        }
    }

    /** @param list<Piece> $pieces */
    private static function truthColumns(array $pieces): void
    {
        $words = PaperWords::all();
        $isBelow = false;
        foreach ($pieces as $piece) {
            if (!$isBelow && !str_contains($piece->line->text, "\t") && !str_contains($piece->line->text, '  ')) {
                continue;
            }
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
