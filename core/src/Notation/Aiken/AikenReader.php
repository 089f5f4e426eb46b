<?php

declare(strict_types=1);

namespace Notagram\Notation\Aiken;

use Notagram\Finding\Finding;
use Notagram\Finding\Fix;
use Notagram\Finding\Matter;
use Notagram\Finding\TextEdit;
use Notagram\Notation\Block;
use Notagram\Notation\BlockKind;
use Notagram\Notation\BlockReading;
use Notagram\Notation\ExplanationLabel;
use Notagram\Notation\NoBreakSpaces;
use Notagram\Notation\Reader;
use Notagram\Notation\Token;
use Notagram\Notation\TokenKind;
use Notagram\Source\LineEnding;
use Notagram\Source\Span;

/** Reads Aiken leniently; its grammar is the README beside it. */
final readonly class AikenReader implements Reader
{
    public function split(string $text): array
    {
        return NoBreakSpaces::handedOn((new AikenSplitter($text))->split(), $text);
    }

    /** A question without its ANSWER line looks for it up to the next one. */
    public function isAnchor(string $text): bool
    {
        return null !== StrictQuestion::read($text);
    }

    public function read(Block $block, string $text): BlockReading
    {
        return match ($block->kind) {
            BlockKind::Question => (null === $block->surroundings ? StrictQuestion::read($text) : null) ?? (new AikenQuestion($text, $block->surroundings))->read(),
            BlockKind::Stray => $this->stray($text),
            default => BlockReading::nothing($block->kind),
        };
    }

    private function stray(string $text): BlockReading
    {
        $length = \strlen(rtrim($text));

        return new BlockReading(
            BlockKind::Stray,
            findings: [Finding::fault(
                'aiken.stray-text',
                new Span(0, $length),
                Fix::offered('remove-text', [TextEdit::remove(new Span(0, \strlen($text)))]),
                case: null === ExplanationLabel::length($text) ? '' : 'explanation',
            )->about(Matter::StrayLines)],
            tokens: [new Token(TokenKind::Stray, 0, $length)],
            comments: array_map(trim(...), explode("\n", LineEnding::folded(rtrim($text)))),
        );
    }
}
