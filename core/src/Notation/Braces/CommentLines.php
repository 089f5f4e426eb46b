<?php

declare(strict_types=1);

namespace Notagram\Notation\Braces;

use Notagram\Notation\Token;
use Notagram\Notation\TokenKind;
use Notagram\Source\Regex;

/** The comment lines of a block, and its text with them masked so that offsets hold. */
final readonly class CommentLines
{
    /**
     * @param list<string> $lines
     * @param list<Token>  $tokens
     * @param list<string> $switchedOff
     * @param list<string> $tags
     */
    private function __construct(
        public string $masked,
        public array $lines = [],
        public array $tokens = [],
        public array $switchedOff = [],
        public ?string $id = null,
        public array $tags = [],
        public ?string $points = null,
    ) {
    }

    public static function in(string $text): self
    {
        if (!str_contains($text, '//') || 0 === Regex::matchAll('~(*ANYCRLF)^([ \t]*+)//([^\r\n]*+)(?:\r\n|\r|\n|\z)~m', $text, $matches, \PREG_SET_ORDER | \PREG_OFFSET_CAPTURE)) {
            return new self($text);
        }
        $masked = $text;
        $lines = $tokens = $switchedOff = $tags = [];
        $id = $points = null;
        foreach ($matches as [$whole, $indent, $note]) {
            $masked = substr_replace($masked, str_repeat(BraceText::MASK, \strlen($whole[0])), $whole[1], \strlen($whole[0]));
            $lines[] = $line = trim($note[0]);
            $tokens[] = new Token(TokenKind::Comment, $whole[1] + \strlen($indent[0]), $note[1] + \strlen(rtrim($note[0])));
            if (Regex::match('/^notagram-off\s++([\w.-]++)/', $line, $match)) {
                $switchedOff[] = $match[1];
            }
            if (Regex::match('/\[id:([^\]]++)\]/', $line, $match)) {
                $id = trim($match[1]);
            }
            if (Regex::matchAll('/\[tag:([^\]]++)\]/', $line, $match) > 0) {
                array_push($tags, ...array_map(trim(...), $match[1]));
            }
            if (Regex::match('/\((\d{1,9}(?:\.\d{1,9})?+) points?\)/', $line, $match)) {
                $points = $match[1];
            }
        }

        return new self($masked, $lines, $tokens, $switchedOff, $id, $tags, $points);
    }
}
