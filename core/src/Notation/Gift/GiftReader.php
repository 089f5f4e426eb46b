<?php

declare(strict_types=1);

namespace Notagram\Notation\Gift;

use Notagram\Finding\Finding;
use Notagram\Finding\Fix;
use Notagram\Finding\TextEdit;
use Notagram\Notation\Block;
use Notagram\Notation\BlockKind;
use Notagram\Notation\BlockReading;
use Notagram\Notation\Braces\BraceLookAlikes;
use Notagram\Notation\Braces\BraceText;
use Notagram\Notation\Braces\CommentLines;
use Notagram\Notation\NoBreakSpaces;
use Notagram\Notation\Reader;
use Notagram\Notation\Surroundings;
use Notagram\Notation\Token;
use Notagram\Notation\TokenKind;
use Notagram\Source\LineEnding;
use Notagram\Source\Regex;
use Notagram\Source\Span;

/** Reads GIFT leniently; its grammar is the README beside it. */
final readonly class GiftReader implements Reader
{
    public function split(string $text): array
    {
        $blocks = NoBreakSpaces::handedOn((new GiftSplitter($text))->split(), $text);
        if (!str_contains($text, NoBreakSpaces::SPACE)) {
            return $blocks;
        }
        // A line that only looks blank parts nothing: a receiver takes neither the question above it nor that below.
        foreach ($blocks as $index => $block) {
            $before = $blocks[$index - 1] ?? null;
            if (null !== $before && $block->kind->isNumbered() && $before->kind->isNumbered() && Regex::match(NoBreakSpaces::LINE_THAT_LOOKS_BLANK, $block->textIn($text))) {
                $around = $before->surroundings ?? new Surroundings();
                $blocks[$index - 1] = new Block($before->kind, $before->start, $before->end, new Surroundings($around->touchesPrevious, true, $around->startsMidLine));
            }
        }

        return $blocks;
    }

    /** An open brace looks for its end up to the next brace. */
    public function isAnchor(string $text): bool
    {
        return null !== PlainQuestion::read($text) && str_contains($text, '{');
    }

    public function read(Block $block, string $text): BlockReading
    {
        return match ($block->kind) {
            BlockKind::Question => (null === $block->surroundings ? PlainQuestion::read($text) : null) ?? (new GiftQuestion($text, $block))->read(),
            BlockKind::Broken => $this->broken($text),
            BlockKind::Category => $this->category($block, $text),
            BlockKind::Comment => $this->comment($text),
            BlockKind::Stray, BlockKind::Blank => BlockReading::nothing($block->kind),
        };
    }

    private function comment(string $text): BlockReading
    {
        $comments = CommentLines::in($text);

        return new BlockReading(BlockKind::Comment, tokens: $comments->tokens, comments: $comments->lines, switchedOff: $comments->switchedOff);
    }

    private function category(Block $block, string $text): BlockReading
    {
        $content = rtrim($text);
        $start = strspn($text, " \t");
        $path = substr($content, $start + \strlen('$CATEGORY:'));
        // Two slashes stand for one that is part of a name.
        $names = array_map(
            static fn (string $name) => trim(str_replace("\x00", '/', $name)),
            explode('/', str_replace('//', "\x00", trim(str_replace(NoBreakSpaces::SPACE, ' ', $path)))),
        );
        $findings = [];
        if (null !== $block->surroundings) {
            $newLine = LineEnding::forNewLinesIn($text);
            $edits = [];
            if ($block->surroundings->touchesPrevious) {
                $edits[] = TextEdit::insert(0, $newLine);
            }
            if ($block->surroundings->touchesNext) {
                $edits[] = TextEdit::insert(\strlen($text), $newLine);
            }
            $findings[] = Finding::doubt(
                'gift.category-tight',
                new Span($start, \strlen($content)),
                Fix::safe('blank-lines-around', $edits),
            );
        }

        return new BlockReading(
            BlockKind::Category,
            findings: $findings,
            tokens: [new Token(TokenKind::Category, $start, \strlen($content))],
            category: array_values(array_filter($names, static fn (string $name) => '' !== $name)),
        );
    }

    private function broken(string $text): BlockReading
    {
        $comments = CommentLines::in($text);
        $masked = $comments->masked;
        $lookAlikes = BraceLookAlikes::marks($masked);
        if (null !== $lookAlikes?->fix && $this->mends($lookAlikes->fix, $text)) {
            return $this->brokenBecause($lookAlikes, $comments, $text);
        }
        $end = \strlen(rtrim($masked, BraceText::BLANKS));
        $open = [];
        $position = 0;
        while (($position += strcspn($masked, '{}\\', $position)) < \strlen($masked)) {
            $character = $masked[$position];
            if ('{' === $character) {
                $open[] = $position;
                // The first and the last are enough to name; a million of them need not be kept.
                if (\count($open) > 2) {
                    array_splice($open, 1, 1);
                }
            } elseif ('}' === $character && null === array_pop($open)) {
                return $this->brokenBecause($this->unopened($masked, $position, $end), $comments, $text);
            }
            $position += '\\' === $character ? 2 : 1;
        }

        return $this->brokenBecause($this->unclosed($masked, $open[0] ?? 0, $end), $comments, $text);
    }

    private function brokenBecause(Finding $finding, CommentLines $comments, string $text): BlockReading
    {
        if (null !== $finding->fix && !$this->mends($finding->fix, $text)) {
            $finding = $finding->withoutFix();
        }

        return new BlockReading(BlockKind::Broken, findings: [$finding], tokens: $comments->tokens, comments: $comments->lines, switchedOff: $comments->switchedOff);
    }

    /** Where several braces are amiss, one more or less does not help, and is not offered. */
    private function mends(Fix $fix, string $text): bool
    {
        foreach ($this->split($fix->appliedTo($text)) as $block) {
            if (BlockKind::Broken === $block->kind) {
                return false;
            }
        }

        return true;
    }

    private function unclosed(string $masked, int $brace, int $end): Finding
    {
        $end = max($end, $brace + 1);
        $newLine = LineEnding::forNewLinesIn($masked);
        $isOnOneLine = false === strpbrk(substr($masked, $brace, $end - $brace), "\r\n");

        return Finding::fault('gift.brace-unclosed', new Span($brace, $brace + 1), Fix::offered('close-answers', [TextEdit::insert($end, $isOnOneLine ? '}' : $newLine.'}')]));
    }

    private function unopened(string $masked, int $brace, int $end): Finding
    {
        $span = new Span($brace, $brace + 1);
        if (Regex::match('/(*ANYCRLF)(?<![\\\\=~])[=~](?=\s*+[^\s=~])/', substr($masked, 0, $brace), $match, \PREG_OFFSET_CAPTURE) && !str_contains(substr($masked, 0, $brace), '{')) {
            return Finding::fault('gift.brace-unopened', $span, Fix::offered('open-answers', [TextEdit::insert($match[0][1], '{')]), 'answers');
        }

        return Finding::fault('gift.brace-unopened', $span, Fix::offered('brace-as-text', [TextEdit::insert($brace, '\\')]));
    }
}
