<?php

declare(strict_types=1);

namespace Notagram\Check\Rule\Text;

use Notagram\Check\TextRule;
use Notagram\Finding\Finding;
use Notagram\Finding\Fix;
use Notagram\Finding\Matter;
use Notagram\Finding\TextEdit;
use Notagram\Source\Regex;
use Notagram\Source\Span;

/**
 * Faults the line of three backticks that frames a text copied out of Markdown, since a receiver reads it as part of the
 * question beside it. Code within a question has two of them and text around them; that stays.
 */
final readonly class CodeFence implements TextRule
{
    public const CODE = 'text.code-fence';
    public const SIGNS = '```';

    private const LINE = '/(*ANYCRLF)^[ \t]*+```[ \t]*+[\w-]*+[ \t]*+$(?:\r\n?+|\n)?+/m';

    public function check(string $text): array
    {
        if (!str_contains($text, '```') || 0 === Regex::matchAll(self::LINE, $text, $found, \PREG_OFFSET_CAPTURE)) {
            return [];
        }
        $lines = array_map(static fn (array $line) => new Span($line[1], $line[1] + \strlen($line[0])), $found[0]);
        $first = $lines[0];
        $last = $lines[\count($lines) - 1];
        $isAtStart = '' === trim(substr($text, 0, $first->start));
        $isAtEnd = '' === trim(substr($text, $last->end));
        $amiss = match (true) {
            1 === substr_count($text, '```') % 2 => [$isAtStart || !$isAtEnd ? $first : $last],
            $isAtStart && $isAtEnd => [$first, $last],
            default => [],
        };
        if ([] === $amiss) {
            return [];
        }

        return [Finding::fault(
            self::CODE,
            new Span($amiss[0]->start, $amiss[0]->start + \strlen(rtrim($amiss[0]->of($text)))),
            Fix::safe('remove-fence', array_map(TextEdit::remove(...), $amiss)),
        )->settling(Matter::StrayLines)];
    }
}
