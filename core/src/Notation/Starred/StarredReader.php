<?php

declare(strict_types=1);

namespace Notagram\Notation\Starred;

use Notagram\Notation\Block;
use Notagram\Notation\BlockKind;
use Notagram\Notation\BlockReading;
use Notagram\Notation\Reader;
use Notagram\Notation\Token;
use Notagram\Notation\TokenKind;
use Notagram\Source\LineEnding;

/** Reads a Starred list generously; its grammar is the README beside it. */
final readonly class StarredReader implements Reader
{
    public function split(string $text): array
    {
        return (new StarredSplitter($text))->split();
    }

    /** Numbers, points, parts and the key reach across the whole list. */
    public function isAnchor(string $text): bool
    {
        return false;
    }

    public function read(Block $block, string $text): BlockReading
    {
        return match ($block->kind) {
            BlockKind::Question => (new StarredQuestion($text, StarredContext::of($block)))->read(),
            // The key list has been read into the questions.
            BlockKind::Comment => new BlockReading(BlockKind::Comment, tokens: self::whole($text, TokenKind::Answer)),
            BlockKind::Stray => new BlockReading(BlockKind::Stray, tokens: self::whole($text, TokenKind::Stray), comments: array_map(trim(...), explode("\n", LineEnding::folded(rtrim($text))))),
            default => BlockReading::nothing($block->kind),
        };
    }

    /** @return list<Token> */
    private static function whole(string $text, TokenKind $kind): array
    {
        $end = \strlen(rtrim($text));

        return 0 === $end ? [] : [new Token($kind, 0, $end)];
    }
}
