<?php

declare(strict_types=1);

namespace Notagram\Notation\Printed;

use Notagram\Notation\PaperWords;
use Notagram\Source\Regex;

/** What stands around a piece, whatever it is taken for. */
final class Lookahead
{
    private const LONGEST_HEADING = 140;
    private const LOOK_AHEAD = 8;
    private const LONGEST_LIST = 8;

    /** @var array<int, array<int, int>> by piece and by whether it stands apart */
    private array $strengths = [];
    /** @var array<int, bool> by piece */
    private array $followed = [];
    /** @var array<int, bool> by piece */
    private array $wanted = [];

    /** @var array<int, true> the pieces whose numbers follow each other */
    private array $runs = [];
    private ?int $first = null;

    // Patterns that most lines are held against are put together once: how a heading starts, one of statements, what names a text.
    private readonly string $heading;
    private readonly string $truthHeading;
    private readonly string $material;

    /** @param list<Piece> $pieces */
    public function __construct(private readonly array $pieces, private readonly Styles $styles)
    {
        $words = PaperWords::all();
        $numbered = \in_array($styles->numberStyle, ['1.1', 'letter'], true) ? '\d{1,2}[.)]|' : '';
        $label = "(?:{$numbered}(?:{$words->part})\\s++(?:[IVX]{1,4}|[A-H]|\\d{1,2})(?![\\p{L}\\p{N}])|(?:{$words->question})\\s++\\d{1,2}(?=\\s*+[:.–—-])|[IVX]{1,4}[.):]|[A-H][.)])\\s*+[:.–—-]?\\s*+";
        $kinds = implode('|', $words->kinds);
        $this->heading = "~^(?:{$label})?+(?:{$kinds}|{$words->instruction})(?![\\p{L}\\p{N}])~iu";
        $this->truthHeading = "~^(?:{$label})?+(?:{$words->kinds['true-false']})~iu";
        $this->material = "~(?<!\\p{L})(?:{$words->material})(?!\\p{L})~iu";
        $this->findRuns();
    }

    private function findRuns(): void
    {
        $runs = [];
        foreach ($this->pieces as $index => $piece) {
            foreach (Role::Passage === $piece->role ? $this->styles->numbersOf($piece) : [] as $mark) {
                if ($mark->style === $this->styles->numberStyle) {
                    $this->first ??= $index;
                    $run = \count($runs) - 1;
                    if ($run >= 0 && $mark->value === $runs[$run][0] + 1) {
                        $runs[$run][0] = $mark->value;
                        $runs[$run][1][] = $index;
                    } elseif ($run > 0 && $mark->value === $runs[$run - 1][0] + 1 && \count($runs[$run][1]) < self::LONGEST_LIST) {
                        // What stood between was a list within a question.
                        array_pop($runs);
                        $runs[$run - 1][0] = $mark->value;
                        $runs[$run - 1][1][] = $index;
                    } else {
                        $runs[] = [$mark->value, [$index]];
                    }
                }
            }
        }
        foreach ($runs as [, $indices]) {
            $this->runs += \count($indices) > 1 ? array_fill_keys($indices, true) : [];
        }
    }

    /** Whether it is the first of the test that has a number as its questions have them. */
    public function isFirstNumber(int $index): bool
    {
        return $index === $this->first;
    }

    /** Whether the number of a piece goes on with the one above it, or leads to the one below. */
    public function isInRun(int $index): bool
    {
        return isset($this->runs[$index]);
    }

    /** Whether options stand below, before the next number. */
    public function optionsFollow(int $index): bool
    {
        return $this->followed[$index] ??= $this->areOptionsBelow($index);
    }

    private function areOptionsBelow(int $index): bool
    {
        for ($at = $index + 1; $at <= $index + self::LOOK_AHEAD && isset($this->pieces[$at]); ++$at) {
            $piece = $this->pieces[$at];
            if (self::isBetween($piece)) {
                continue;
            }
            foreach ($this->styles->optionsOf($piece) as $mark) {
                if (($mark->isUnlettered() || 1 === $mark->index) && ($this->styles->optionStyles[$mark->style] ?? 0.0) > 0.0) {
                    return true;
                }
            }
            if ($this->isNumbered($piece)) {
                return false;
            }
        }

        return false;
    }

    /** Whether the next letter begins the next line, or stands on the same one. */
    public function isFollowed(int $index, OptionMark $option): bool
    {
        $next = isset($this->pieces[$index + 1]) ? $this->styles->optionsOf($this->pieces[$index + 1])[0] ?? null : null;

        return null !== $next && $next->style === $option->style && $next->index > 1;
    }

    /** Whether the line above or below is a pair as well. */
    public function isAmongPairs(int $index): bool
    {
        foreach ([$index - 1, $index + 1] as $at) {
            if (isset($this->pieces[$at]) && null !== Lexer::pair($this->pieces[$at]->text)) {
                return true;
            }
        }

        return false;
    }

    /** Whether the piece above starts a question and says nothing but its number and points. */
    public function isStemWanted(int $index): bool
    {
        return $this->wanted[$index] ??= $this->isNumberAloneAbove($index);
    }

    private function isNumberAloneAbove(int $index): bool
    {
        $at = $index - 1;
        while (isset($this->pieces[$at]) && (self::isBetween($this->pieces[$at]) || self::isNote($this->pieces[$at]))) {
            --$at;
        }
        $mark = ($this->pieces[$at] ?? null)?->form()->numbers()[0] ?? null;

        return null !== $mark && ('' === $mark->rest || Regex::match('~^(?:'.PaperWords::all()->pointsPattern().'|\d{1,3}\s*(?:'.PaperWords::all()->points.'))?[\s:.]*\z~iu', $mark->rest));
    }

    /** “Type: Multiple choice” may stand between a number and its stem. */
    private static function isNote(Piece $piece): bool
    {
        return \in_array($piece->form()->label()?->label, [Label::Type, Label::Bookkeeping, Label::Points], true);
    }

    private static function isBetween(Piece $piece): bool
    {
        return Role::Blank === $piece->role || Role::Furniture === $piece->role;
    }

    private function isNumbered(Piece $piece): bool
    {
        foreach ($this->styles->numbersOf($piece) as $mark) {
            if ($mark->style === $this->styles->numberStyle) {
                return true;
            }
        }

        return false;
    }

    /** “Note: use capital letters.” */
    public function isRemark(int $index): bool
    {
        return str_contains($this->pieces[$index]->text, ':') && Regex::match('~^(?:'.PaperWords::all()->remark.')\s?:~iu', $this->pieces[$index]->text);
    }

    /** 2 where words say that it is a heading, 1 where only its shape may, 0 where nothing does. */
    public function headingStrength(int $index, bool $standsApart): int
    {
        return $this->strengths[$index][(int) $standsApart] ??= $this->strengthOf($index, $this->pieces[$index], $standsApart);
    }

    private function strengthOf(int $index, Piece $piece, bool $standsApart): int
    {
        $text = $piece->text;
        if (\strlen($text) > self::LONGEST_HEADING || ctype_lower($text[0])) {
            return 0;
        }
        $words = PaperWords::all();
        if (null !== $words->partOf($text) || (null !== $words->pointsOfEachIn($text) && !str_ends_with($text, '?') && [] === $piece->form()->numbers())) {
            return 2;
        }
        $kind = $words->kindIn($text);
        // “Read the text below” announces a text; without it, nobody knows what the text is for.
        if (null === $kind && Regex::match($this->material, $text)) {
            return 0;
        }
        $below = $this->nextOf($index);
        if (null !== $below && $this->beginsOptions($below)) {
            return 0;
        }
        if (Regex::match($this->heading, $text) && (!str_ends_with($text, '?') || (null !== $kind && Regex::match($this->truthHeading, $text)))) {
            return 2;
        }
        if (!$standsApart) {
            return 0;
        }

        return $piece->line->isHeading || (PaperWords::looksLikeHeading($text) && [] === $piece->form()->options() && null !== $below && $this->isNumbered($below)) ? 1 : 0;
    }

    private function nextOf(int $index): ?Piece
    {
        do {
            ++$index;
        } while (isset($this->pieces[$index]) && self::isBetween($this->pieces[$index]));

        return $this->pieces[$index] ?? null;
    }

    private function beginsOptions(Piece $piece): bool
    {
        foreach ($this->styles->optionsOf($piece) as $mark) {
            if (($mark->isUnlettered() || 1 === $mark->index) && 'dash' !== $mark->style && ($this->styles->optionStyles[$mark->style] ?? 0.0) > 0.0) {
                return [] === $piece->form()->numbers();
            }
        }

        return false;
    }
}
