<?php

declare(strict_types=1);

namespace Notagram\Notation\Gift;

use Notagram\Notation\Block;
use Notagram\Notation\BlockKind;
use Notagram\Notation\Chunks;
use Notagram\Notation\Surroundings;
use Notagram\Source\Regex;

/**
 * Cuts a GIFT text into blocks in one forward scan.
 *
 * Blank lines part the blocks, but questions that touch are parted too, and an open brace may reach on over blank lines
 * (see the folder's README). One object splits one text.
 */
final class GiftSplitter
{
    /** Without escapes, comments, categories and titles but for one at its start. */
    private const PLAIN = '(?:[^{}\\\\\/:$]++|\/(?!\/)|:(?!:)|\$(?!CATEGORY:))*+';
    private const ONE_QUESTION = '/^(?:::[^:{}\\\\\/\r\n]++::)?+'.self::PLAIN.'(?:\{'.self::PLAIN.'\}'.self::PLAIN.')?+\z/';

    private readonly Chunks $chunks;
    /** @var list<Block> */
    private array $blocks = [];

    // The piece being gathered, and the brace in it.
    private int $start = 0;
    private bool $hasText = false;
    private bool $isBroken = false;
    private bool $touchesPrevious = false;
    private int $depth = 0;
    private int $openLine = 0;
    /** Where the piece's answers closed, and where the line on which they did ends; −1 while they have not. */
    private int $closed = -1;
    private int $closedLineEnd = -1;
    /** Where the comment lines right above the line at hand begin; −1 where there are none. */
    private int $notesFrom = -1;
    /** The first line inside open answers that may be a question of its own; −1 where there is none. */
    private int $resumeAt = -1;

    public function __construct(private readonly string $text)
    {
        $this->chunks = Chunks::of($text);
    }

    /**
     * @return list<Block>
     */
    public function split(): array
    {
        $count = $this->chunks->count();
        $covered = 0;
        $starts = $this->chunks->starts;
        $ends = $this->chunks->ends;
        for ($index = 0; $index < $count; ++$index) {
            $start = $starts[$index];
            $end = $ends[$index];
            if ($start > $covered) {
                $this->blocks[] = new Block(BlockKind::Blank, $covered, $start);
            }
            if ($this->isOneQuestion($start, $end)) {
                $this->blocks[] = new Block(BlockKind::Question, $start, $end);
                $covered = $end;
                continue;
            }
            $this->begin($start);
            $this->walk($start, $end, false);
            if ($this->depth > 0 && $this->resumeAt >= 0) {
                // Only once for a chunk: from here on, such a line cuts at once.
                $resumeAt = $this->resumeAt;
                $this->cut($resumeAt, true);
                $this->walk($resumeAt, $end, true);
            }
            if (1 === $this->depth && null !== $closing = $this->chunkThatCloses($index)) {
                $index = $closing;
                $end = $this->chunks->ends[$index];
                $this->walk($this->chunks->starts[$index], $end, false);
            }
            $this->cut($end, $this->depth > 0);
            $covered = $end;
        }
        if ($covered < \strlen($this->text)) {
            $this->blocks[] = new Block(BlockKind::Blank, $covered, \strlen($this->text));
        }

        return $this->blocks;
    }

    /** The plain case: one pair of braces or none, and nothing that could part it. */
    private function isOneQuestion(int $start, int $end): bool
    {
        return Regex::match(self::ONE_QUESTION, substr($this->text, $start, $end - $start));
    }

    private function begin(int $start, bool $touchesPrevious = false): void
    {
        $this->start = $start;
        $this->touchesPrevious = $touchesPrevious;
        $this->hasText = $this->isBroken = false;
        $this->depth = 0;
        $this->closed = $this->closedLineEnd = $this->resumeAt = $this->notesFrom = -1;
    }

    /** Ends the piece before $end, and begins the next one there. */
    private function cut(int $end, bool $isUnclosed = false): void
    {
        $kind = match (true) {
            $isUnclosed || $this->isBroken => BlockKind::Broken,
            $this->hasText => BlockKind::Question,
            default => BlockKind::Comment,
        };
        if ($end > $this->start) {
            if ($this->touchesPrevious && $kind->isNumbered()) {
                $this->previousTouchesThis();
            }
            $surroundings = $this->touchesPrevious ? new Surroundings(touchesPrevious: true, startsMidLine: "\n" !== $this->text[$this->start - 1]) : null;
            $this->blocks[] = new Block($kind, $this->start, $end, $surroundings);
        }
        $this->begin($end, BlockKind::Comment !== $kind);
    }

    /** Whether nothing but the backticks of a copied text stand above a title: those are another slip. */
    private function isBelowFence(int $offset): bool
    {
        return Regex::match('/\A\s*+```[ \t]*+[\w-]*+\s*+\z/', substr($this->text, $this->start, $offset - $this->start));
    }

    /** What one question does to the next, the next does to it: a receiver takes neither. */
    private function previousTouchesThis(): void
    {
        $last = array_key_last($this->blocks);
        $block = null === $last ? null : $this->blocks[$last];
        if (null !== $block && $block->kind->isNumbered()) {
            $around = $block->surroundings ?? new Surroundings();
            $this->blocks[$last] = new Block($block->kind, $block->start, $block->end, new Surroundings($around->touchesPrevious, true, $around->startsMidLine));
        }
    }

    /**
     * Goes through whole lines from $offset to $end.
     *
     * @param bool $cutsAtOnce whether a line inside open answers that holds balanced braces is a question of its own
     */
    private function walk(int $offset, int $end, bool $cutsAtOnce): void
    {
        while ($offset < $end) {
            $lineEnd = min($end, $offset + strcspn($this->text, "\r\n", $offset));
            $next = $lineEnd + ("\r" === ($this->text[$lineEnd] ?? '') && "\n" === ($this->text[$lineEnd + 1] ?? '') ? 2 : 1);
            $next = min($end, $next);
            $first = $offset + strspn($this->text, " \t", $offset);
            if (0 === substr_compare($this->text, '//', $first, 2)) {
                // It parts nothing, but belongs to what begins below it.
                $this->notesFrom = $this->notesFrom < 0 ? $offset : $this->notesFrom;
                $offset = $next;
                continue;
            }
            $from = $this->notesFrom < 0 ? $offset : $this->notesFrom;
            if (0 === substr_compare($this->text, '$CATEGORY:', $first, 10)) {
                if ($this->closed >= 0 && $from > $this->start) {
                    $this->cut($from);
                }
                $this->category($offset, $next, $end);
            } else {
                $startsTitle = Regex::match('/\G::[^:\r\n]++::/', $this->text, offset: $first);
                if ($this->depth > 0 && $startsTitle) {
                    $this->cut($offset, true);
                } elseif ($this->hasText && (($startsTitle && !$this->isBelowFence($from)) || ($this->closed >= 0 && 0 === substr_compare($this->text, '::', $first, 2)))) {
                    $this->cut($from);
                }
                $this->hasText = true;
                $this->notesFrom = -1;
                $this->line($offset, $first, $lineEnd, $next, $cutsAtOnce);
            }
            $offset = $next;
        }
    }

    private function line(int $offset, int $first, int $lineEnd, int $next, bool $cutsAtOnce): void
    {
        $position = $first;
        while (($position += strcspn($this->text, '{}\\', $position, $lineEnd - $position)) < $lineEnd) {
            $character = $this->text[$position];
            if ('\\' === $character) {
                $position += 2;
                continue;
            }
            if ('}' === $character) {
                if (0 === $this->depth) {
                    $this->isBroken = true;
                } elseif (0 === --$this->depth) {
                    $this->closed = $position + 1;
                    $this->closedLineEnd = $next;
                }
                ++$position;
                continue;
            }
            if (0 === $this->depth) {
                $formulaEnd = GiftFormula::groupEnd($this->text, $position, $lineEnd);
                if (null !== $formulaEnd) {
                    $position = $formulaEnd;
                    continue;
                }
                if ($this->closed >= 0) {
                    $this->cut($this->closedLineEnd <= $offset ? $this->closedLineEnd : $this->closed + strspn($this->text, " \t", $this->closed));
                    $this->hasText = true;
                }
                $this->openLine = $offset;
                $this->depth = 1;
            } elseif ($offset !== $this->openLine && $this->resumeAt < 0 && !str_contains('=~#', $this->text[$first])) {
                if ($cutsAtOnce) {
                    $this->cut($offset, true);
                    $this->hasText = true;
                    $this->openLine = $offset;
                    $this->depth = 1;
                } else {
                    $this->resumeAt = $offset;
                    ++$this->depth;
                }
            } else {
                ++$this->depth;
            }
            ++$position;
        }
    }

    private function category(int $offset, int $next, int $chunkEnd): void
    {
        if ($this->depth > 0) {
            $this->cut($offset, true);
        } elseif ($this->start < $offset) {
            $this->cut($offset);
        }
        $touchesNext = $next < $chunkEnd && !Regex::match('~\G[ \t]*+(?://|\$CATEGORY:)~', $this->text, offset: $next);
        $surroundings = $this->touchesPrevious || $touchesNext ? new Surroundings($this->touchesPrevious, $touchesNext) : null;
        $this->blocks[] = new Block(BlockKind::Category, $offset, $next, $surroundings);
        $this->begin($next);
    }

    /**
     * The chunk that holds the brace which chunk $index lacks: the first with any brace, if that is a closing one and
     * nothing before it starts a question or category of its own.
     */
    private function chunkThatCloses(int $index): ?int
    {
        for (++$index; $index < $this->chunks->count(); ++$index) {
            $start = $this->chunks->starts[$index];
            $end = $this->chunks->ends[$index];
            $first = $start + strspn($this->text, " \t", $start);
            if (0 === substr_compare($this->text, '::', $first, 2)) {
                return null;
            }
            $brace = $this->firstBraceOrCategory($start, $end);
            if (null !== $brace) {
                return '}' === $brace ? $index : null;
            }
        }

        return null;
    }

    private function firstBraceOrCategory(int $start, int $end): ?string
    {
        if (strcspn($this->text, '{}$', $start, $end - $start) === $end - $start) {
            return null;
        }
        // Comment lines and escapes are skipped; what is wanted ends the match.
        $pattern = '~(*ANYCRLF)\G(?:^[ \t]*+//[^\r\n]*+|\\\\.|(?!^[ \t]*+\$CATEGORY:)[^{}])*+(?:([{}])|\$)?~ms';
        Regex::match($pattern, substr($this->text, $start, $end - $start), $match);

        return $match[1] ?? (\strlen($match[0] ?? '') < $end - $start ? '$' : null);
    }
}
