<?php

declare(strict_types=1);

namespace Notagram\Notation\Gram;

use Notagram\Notation\Block;
use Notagram\Notation\BlockKind;
use Notagram\Notation\BlockReading;
use Notagram\Notation\Braces\CommentLines;
use Notagram\Notation\Reader;
use Notagram\Notation\Token;
use Notagram\Notation\TokenKind;

/** Reads Gram; its grammar is the README beside it. */
final readonly class GramReader implements Reader
{
    public function split(string $text): array
    {
        return GramSplitter::blocksOf($text);
    }

    /** A fence that opens anywhere looks for its end through all that follows. */
    public function isAnchor(string $text): bool
    {
        return false;
    }

    public function read(Block $block, string $text): BlockReading
    {
        return match ($block->kind) {
            BlockKind::Category => self::category($text),
            BlockKind::Comment => self::comment($text),
            BlockKind::Blank => BlockReading::nothing($block->kind),
            default => (null === $block->surroundings ? PlainGram::read($text) : null) ?? (new GramQuestion($text, $block))->read(),
        };
    }

    private static function comment(string $text): BlockReading
    {
        $comments = CommentLines::in($text);

        return new BlockReading(BlockKind::Comment, tokens: $comments->tokens, comments: $comments->lines, switchedOff: $comments->switchedOff);
    }

    private static function category(string $text): BlockReading
    {
        $path = GramLine::allOf($text)[0]->category() ?? '';
        // Two slashes stand for one that is part of a name.
        $names = array_map(static fn (string $name) => trim(str_replace("\x00", '/', $name)), explode('/', str_replace('//', "\x00", $path)));

        return new BlockReading(BlockKind::Category, tokens: [new Token(TokenKind::Category, 0, \strlen(rtrim($text)))], category: array_values(array_filter($names, static fn (string $name) => '' !== $name)));
    }
}
