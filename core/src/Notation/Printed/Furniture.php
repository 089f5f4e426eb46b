<?php

declare(strict_types=1);

namespace Notagram\Notation\Printed;

use Notagram\Notation\PaperWords;
use Notagram\Source\Regex;

/** Finds what is no part of a test: page numbers, heads and feet that come back, “turn over”, what a web page leaves, name lines. */
final class Furniture
{
    /** What is shorter may well be an answer that occurs twice. */
    private const SHORTEST_HEAD = 8;
    private const LONGEST_CUE = 60;
    private const LONGEST_FAREWELL = 240;
    private const LONGEST_PAGE_NUMBER = 40;

    /** How a page is counted, as a piece of a pattern. */
    private readonly string $page;
    // Patterns that every line is held against are put together once.
    private readonly string $pageNumber;
    private readonly string $counter;
    private readonly string $cue;
    /** @var array<int, Role|null> by line */
    private array $settled;
    /** @var array<int, true> lines at which a page ends or begins */
    private array $breaks = [];
    /** @var array<string, non-empty-list<int>> the lines that are the same but for their numbers */
    private array $alike = [];
    private int $counters = 0;

    /**
     * @param list<Line>   $lines
     * @param list<string> $texts the same, without blanks around them
     */
    private function __construct(private readonly array $lines, private readonly array $texts)
    {
        $words = PaperWords::all();
        $this->page = "(?:[-–—]\\s*\\d{1,3}\\s*[-–—]|(?:{$words->page})\\s*\\d{1,3}(?:\\s*(?:{$words->of}|/)\\s*\\d{1,3})?|\\d{1,3}\\s*/\\s*\\d{1,3})";
        $this->pageNumber = "~^{$this->page}\\z~iu";
        $this->counter = "~^(?:{$words->question})\\s*+\\d{1,3}\\s*+(?:of|von|de|di|van|sur|/)\\s*+\\d{1,3}\\s*+:?\\z~iu";
        $this->cue = "~^[(\\[–—-]*+\\s*+(?:{$words->cue})\\s*+[)\\]!.…→>–—-]*+\\z~iu";
        $this->settled = array_fill(0, \count($lines), null);
        foreach ($texts as $index => $text) {
            $this->settled[$index] = $this->roleOf($index, $text);
        }
        foreach ($this->alike as $indices) {
            if ($this->isHead($indices)) {
                $this->drop($indices);
            }
        }
        if ($this->counters > 1) {
            $this->buttons();
        }
        $this->ending();
    }

    /**
     * @param list<Line>   $lines
     * @param list<string> $texts
     *
     * @return array<int, Role|null> by line: blank, furniture or a name line; null where it may be anything else
     */
    public static function settle(array $lines, array $texts): array
    {
        return (new self($lines, $texts))->settled;
    }

    private function roleOf(int $index, string $text): ?Role
    {
        $line = $this->lines[$index];
        if (null !== $line->whole) {
            return Role::Furniture;
        }
        if ('' === $text) {
            if ($line->hasPageBreak) {
                $this->breaks[$index] = true;
            }

            return $line->hasPageBreak ? Role::Furniture : Role::Blank;
        }
        if ($this->isPageNumber($text) || $this->isCue($text)) {
            $this->breaks[$index] = true;

            return Role::Furniture;
        }
        $isName = self::isNameLine($text);
        if ($isName || (\strlen($text) >= self::SHORTEST_HEAD && !self::hasMark($text) && !Lexer::isWritingLine($text))) {
            $this->alike[Regex::replace(['/\d++/', '/\s++/'], ['0', ' '], $text)][] = $index;
        }

        return $isName ? Role::NameLine : null;
    }

    /** A letter or a figure with a sign, as most lines of a test begin. */
    private static function hasMark(string $text): bool
    {
        return ctype_alnum($text[0]) && (')' === ($text[1] ?? '') || '. ' === substr($text, 1, 2));
    }

    private function isPageNumber(string $text): bool
    {
        return \strlen($text) <= self::LONGEST_PAGE_NUMBER && Regex::match('/\d\s*+\z|\d\s*+[-–—]\z/u', $text) && Regex::match($this->pageNumber, $text);
    }

    /** “Turn over”, “continued”; counters of questions on a web page are counted by the way. */
    private function isCue(string $text): bool
    {
        // What starts with a number or a letter of its own, which most lines do, turns no page.
        if (\strlen($text) > self::LONGEST_CUE || ctype_digit($text[0]) || self::hasMark($text)) {
            return false;
        }
        if (Regex::match($this->counter, $text)) {
            ++$this->counters;
        }

        return Regex::match($this->cue, $text);
    }

    private static function isNameLine(string $text): bool
    {
        $words = PaperWords::all();

        return Regex::match('~[_.…]{3}|:|/\s*\d{1,3}\s*\z~u', $text)
            && Regex::match("~^(?:{$words->name})\\s*+[:.]?\\s*+(?:[_.…]{3}|\\z|[_ ]*/)~iu", $text);
    }

    /**
     * A line that comes back is the head or foot of pages where a break stands beside it, where it counts the pages, or
     * where it has a place for the name. One that counts pages at its end is one alone.
     *
     * @param non-empty-list<int> $indices
     */
    private function isHead(array $indices): bool
    {
        $text = $this->texts[$indices[0]];
        $countsPages = $this->countsPages($text);
        if ((\count($indices) < 2 && !$countsPages) || self::mayBeOfATest($text) || $this->headsParts($indices)) {
            return false;
        }
        if ($countsPages || $this->isNumberedThrough($indices) || self::hasPlaceForName($text)) {
            return true;
        }
        foreach ($indices as $index) {
            if ($this->isAtBreak($index)) {
                return true;
            }
        }

        return false;
    }

    /**
     * “Part 2: Multiple choice”, “Part 3: Multiple choice”, or “Part C” on the paper and in its key, are no heads of pages.
     *
     * @param non-empty-list<int> $indices
     */
    private function headsParts(array $indices): bool
    {
        $names = array_map(fn (int $index) => PaperWords::all()->partOf($this->texts[$index]), $indices);
        if (null === $names[0]) {
            return false;
        }
        $atBreaks = array_filter($indices, fn (int $index) => 0 === $index || $this->isAtBreak($index));

        return \count(array_unique($names)) > 1 || \count($atBreaks) < 2;
    }

    private static function mayBeOfATest(string $text): bool
    {
        $form = Lexer::form($text);

        return str_ends_with($text, '?') || null !== $form->label() || null !== $form->truths()
            || [] !== array_filter($form->numbers(), static fn (NumberMark $mark) => 'bare' !== $mark->style)
            || [] !== array_filter($form->options(), static fn (OptionMark $mark) => !$mark->isBare());
    }

    private function countsPages(string $text): bool
    {
        return Regex::match("~(?:\\t|\\s{2})\\s*+{$this->page}\\z~iu", Lexer::tail($text));
    }

    private static function hasPlaceForName(string $text): bool
    {
        return Regex::match('~(?:\s{2}|\t)\S[^_.]{0,30}:\s*[_.…]{3,}~u', $text) || self::isNameLine($text);
    }

    /**
     * Whether a number at their end rises by one from each to the next.
     *
     * @param non-empty-list<int> $indices
     */
    private function isNumberedThrough(array $indices): bool
    {
        $numbers = [];
        foreach ($indices as $index) {
            if (!Regex::match('/(?:\t|\s{2})\s*+(\d{1,3})\z/', Lexer::tail($this->texts[$index]), $match)) {
                return false;
            }
            $numbers[] = (int) $match[1];
        }

        return \count($numbers) > 1 && $numbers === range($numbers[0], $numbers[0] + \count($numbers) - 1);
    }

    /** @param non-empty-list<int> $indices */
    private function drop(array $indices): void
    {
        $text = $this->texts[$indices[0]];
        $isEach = $this->countsPages($text) || $this->isNumberedThrough($indices) || self::hasPlaceForName($text);
        foreach ($indices as $index) {
            if ($isEach || 0 === $index || $this->isAtBreak($index)) {
                $this->settled[$index] = Role::Furniture;
            }
        }
    }

    private function isAtBreak(int $index): bool
    {
        if ($this->lines[$index]->hasPageBreak) {
            return true;
        }
        foreach ([-1, 1] as $way) {
            $at = $index + $way;
            while ('' === ($this->texts[$at] ?? null) && !isset($this->breaks[$at])) {
                $at += $way;
            }
            if (isset($this->breaks[$at])) {
                return true;
            }
        }

        return false;
    }

    private function buttons(): void
    {
        $words = PaperWords::all();
        foreach ($this->texts as $index => $text) {
            if (null === $this->settled[$index] && $words->isButton($text)) {
                $this->settled[$index] = Role::Furniture;
            }
        }
    }

    /** “Let me know if you need more questions.” A paragraph of its own: a question may end with such words. */
    private function isFarewell(int $index): bool
    {
        $text = $this->texts[$index];
        $words = PaperWords::all()->farewell;

        return '' === ($this->texts[$index - 1] ?? '') && \strlen($text) <= self::LONGEST_FAREWELL && !self::mayBeOfATest(rtrim($text, '?'))
            && Regex::match("~^[¿¡]?(?:{$words})(?![\\p{L}]).*[.!?…][\\p{So}\\x{FE0F}\\s]*+\\z~iu", $text);
    }

    /** “End of the test”, or what whoever wrote it says to whoever asked for it, where nothing follows. */
    private function ending(): void
    {
        $words = PaperWords::all();
        for ($index = \count($this->texts) - 1; $index > 3; --$index) {
            $role = $this->settled[$index];
            if (null === $role && ($this->isFarewell($index) || (\strlen($this->texts[$index]) <= self::LONGEST_CUE && Regex::match("~^(?:[-–—*=]{2,}+\\s*+)?(?:{$words->ending})\\s*+[.!*=–—-]*+\\z~iu", $this->texts[$index])))) {
                $this->settled[$index] = Role::Furniture;
            } elseif (Role::Blank !== $role && Role::Furniture !== $role) {
                return;
            }
        }
    }
}
