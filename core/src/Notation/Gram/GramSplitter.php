<?php

declare(strict_types=1);

namespace Notagram\Notation\Gram;

use Notagram\Notation\Block;
use Notagram\Notation\BlockKind;
use Notagram\Notation\Chunks;
use Notagram\Notation\Surroundings;
use Notagram\Source\Regex;

/** Cuts a Gram text into blocks: at blank lines, before a category, and before a plain line below options. One object splits one text. */
final class GramSplitter
{
    /** Nearly every stretch between blank lines is one question, stem lines and then marks: that is seen without looking at each line. */
    private const ONE_QUESTION = '~\A(?!//)(?:[^=\~$\{\\\\ \t\r\n][^\r\n]*+(?:\n|\z))++(?:(?:[=\~](?:[ ]|%[-\d.]++%[ ]|\#[ ])(?=\S)|[ ][ ]\#[ ]|\#[ ])[^\r\n]*+(?:\n|\z))*+(?:\#\#\#\#[ ][^\r\n]*+(?:\n|\z))?+\z~';

    /** @var list<GramLine> */
    private readonly array $lines;
    /** @var list<Block> */
    private array $blocks = [];
    private int $covered = 0;

    public function __construct(private readonly string $text)
    {
        $this->lines = GramLine::allOf($text);
    }

    /** @return list<Block> */
    public static function blocksOf(string $text): array
    {
        // A fence may reach over any number of blank lines.
        if (str_contains($text, '```')) {
            return (new self($text))->split();
        }
        $chunks = Chunks::of($text);
        $blocks = [];
        $covered = 0;
        foreach ($chunks->starts as $index => $start) {
            $end = $chunks->ends[$index];
            if ($start > $covered) {
                $blocks[] = new Block(BlockKind::Blank, $covered, $start);
            }
            $chunk = substr($text, $start, $end - $start);
            if (Regex::match(self::ONE_QUESTION, $chunk)) {
                $blocks[] = new Block(BlockKind::Question, $start, $end);
            } else {
                foreach ((new self($chunk))->split() as $block) {
                    $blocks[] = new Block($block->kind, $start + $block->start, $start + $block->end, $block->surroundings);
                }
            }
            $covered = $end;
        }
        if ($covered < \strlen($text)) {
            $blocks[] = new Block(BlockKind::Blank, $covered, \strlen($text));
        }

        return $blocks;
    }

    /** @return list<Block> */
    public function split(): array
    {
        $touches = false;
        for ($index = 0; $index < \count($this->lines); $index = $end) {
            $line = $this->lines[$index];
            if ($line->isBlank()) {
                $end = $index + 1;
                $touches = false;
                continue;
            }
            if (null !== $line->category()) {
                $end = $index + 1;
                $this->add(BlockKind::Category, $index, $end, false);
                $touches = false;
                continue;
            }
            $end = $this->endOf($index);
            $isComment = [] === array_filter(\array_slice($this->lines, $index, $end - $index), static fn (GramLine $one) => !$one->isComment());
            $this->add($isComment ? BlockKind::Comment : BlockKind::Question, $index, $end, $touches);
            $touches = !$isComment;
        }
        if ($this->covered < \strlen($this->text)) {
            $this->blocks[] = new Block(BlockKind::Blank, $this->covered, \strlen($this->text));
        }

        return $this->blocks;
    }

    /** One past the last line of the block that starts at a line. */
    private function endOf(int $start): int
    {
        $isAnswered = false;
        $comments = 0;
        for ($index = $start; $index < \count($this->lines); ++$index) {
            $line = $this->lines[$index];
            if (!$line->isFenced && ($line->isBlank() || null !== $line->category())) {
                return $index;
            }
            if ($line->isComment()) {
                ++$comments;
                continue;
            }
            // What stands in a fence starts nothing; the fence itself may.
            $isWithin = $line->isFenced && ($this->lines[$index - 1] ?? $line)->isFenced;
            if ($isAnswered && !$isWithin && $this->startsAnother($line)) {
                // The notes right above a question are its own.
                return $index - $comments;
            }
            $comments = 0;
            $isAnswered = $isAnswered || (0 === $line->indent() && null !== $line->option($index > $start)) || $line->isEssay() || $line->isStimulus();
        }

        return \count($this->lines);
    }

    private function startsAnother(GramLine $line): bool
    {
        return 0 === $line->indent() && !$line->isBackslash()
            && null === $line->option(true) && null === $line->feedback() && null === $line->explanation()
            && !$line->isEssay() && !$line->isStimulus();
    }

    private function add(BlockKind $kind, int $from, int $to, bool $touches): void
    {
        $start = $this->lines[$from]->start;
        if ($start > $this->covered) {
            $this->blocks[] = new Block(BlockKind::Blank, $this->covered, $start);
        }
        $this->covered = $this->lines[$to - 1]->next;
        $this->blocks[] = new Block($kind, $start, $this->covered, $touches ? new Surroundings(touchesPrevious: true) : null);
    }
}
