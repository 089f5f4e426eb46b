<?php

declare(strict_types=1);

namespace Notagram\Notation\Aiken;

use Notagram\Notation\BlockKind;
use Notagram\Notation\BlockReading;
use Notagram\Notation\NoBreakSpaces;
use Notagram\Notation\Token;
use Notagram\Question\Choice;
use Notagram\Question\FormattedText;
use Notagram\Question\Option;
use Notagram\Question\Question;
use Notagram\Question\Weight;
use Notagram\Source\Regex;
use Notagram\Source\Span;

/**
 * Reads a question that is just as receivers take it, without looking at each line: most questions are, and a sheet of a
 * thousand is read at every opening. What it reads, {@see AikenQuestion} reads the same.
 */
final class StrictQuestion
{
    /** Where such a question stands in a text; the options' letters are not looked at yet. */
    public const PATTERN = '\S[^\r\n]*+\n(?:[A-Z][.)] [!-~][^\r\n]*+\n)++ANSWER: [A-Z][ \t]*+(?:\n|\z)';

    /** Null where it is not strict after all. */
    public static function read(string $text): ?BlockReading
    {
        if (!Regex::match('/^'.self::PATTERN.'\z/', $text)) {
            return null;
        }
        // At the ends of a line they are no text.
        if (str_contains($text, NoBreakSpaces::SPACE) && Regex::match('/^\xC2\xA0|\xC2\xA0[ \t\f\x0B]*+$/m', $text)) {
            return null;
        }
        $lines = explode("\n", $text);
        $count = \count($lines) - ('' === $lines[\count($lines) - 1] ? 2 : 1);
        $stem = $lines[0];
        $answer = rtrim($lines[$count], " \t");
        $key = \ord($answer[8]) - 65;
        if ($key > $count - 2 || $count < 3 || '(' === $stem[0] || ctype_digit($stem[0]) || Regex::match(AikenQuestion::LIKE_ANOTHER_LINE, $stem)) {
            return null;
        }
        $offset = \strlen($stem) + 1;
        $options = [];
        for ($index = 0; $index < $count - 1; ++$index) {
            $line = $lines[$index + 1];
            if (\ord($line[0]) !== 65 + $index) {
                return null;
            }
            $option = rtrim(substr($line, 3), AikenLine::BLANKS);
            $options[] = new Option(
                new FormattedText($option),
                $index === $key ? Weight::full() : Weight::none(),
                $index === $key,
                null,
                new Span($offset, $offset + 3 + \strlen($option)),
                0,
            );
            $offset += \strlen($line) + 1;
        }

        $stem = rtrim($stem, AikenLine::BLANKS);

        return new BlockReading(BlockKind::Question, new Question(new Choice($options), new FormattedText($stem), new Span(0, \strlen($stem))), tokens: self::tokens());
    }

    /** @return \Closure(string): list<Token> made once, since every question would make its own */
    private static function tokens(): \Closure
    {
        /** @var ?\Closure(string): list<Token> $tokens */
        static $tokens = null;

        return $tokens ??= static fn (string $text): array => (new AikenQuestion($text, null))->read()->tokensIn($text);
    }
}
