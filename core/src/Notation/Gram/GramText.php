<?php

declare(strict_types=1);

namespace Notagram\Notation\Gram;

use Notagram\Notation\Braces\BraceFormat;
use Notagram\Question\FormattedText;
use Notagram\Question\Formulas;
use Notagram\Source\Regex;

/** Between a text as Gram spells it, line by line, and the text that is meant. */
final class GramText
{
    /** What a line may not begin with where it is text, in a stem and below an option. */
    private const MARK_IN_STEM = '~^(?:[=\~]|\$[ \t]|::[ \t]|\{-?+\}[ \t]*+\z|`{3}|\\\\)|^[ \t]*+(?://|####(?!#))|^(?:[ \t]|\xC2\xA0)++\z~';
    private const MARK_BELOW = '~^[ \t]*+(?:[=\~#]|`{3}|\\\\|//|(?:[ \t]|\xC2\xA0)++\z)~';
    /** Code and formulas, in which a brace is one of theirs. */
    private const NO_TEXT = '(?<!`)(`++)(?:(?!\1(?!`)).)*+\1(?!`)|'.Formulas::PATTERN;
    private const BRACE = '~(?:'.self::NO_TEXT.'|\\\\.)(*SKIP)(*F)|\{(?=[=\~])~s';
    private const SHIELDED_BRACE = '~(?:'.self::NO_TEXT.')(*SKIP)(*F)|\\\\(?=\{[=\~])~s';
    /** What the two readings of an unmarked text, as Markdown and as HTML, might show differently. */
    private const MARKDOWN_SIGN = '~[*`\n]|(?<![\w_])_{1,2}(?=[^\s_])|\[[^\]]*+\][(\[:]|\\\\[!-/:-@\[-`{-\~]|^[ \t]*+(?:[-+>]|\#{1,6}|\d{1,9}[.)])(?:[ \t]|\z)|^ {4}~';

    /** A line of a text without the backslash that made it one. */
    public static function meant(string $line, bool $isBelowOption): string
    {
        if (!str_contains($line, '\\') || !Regex::match('/^([ \t]*+)\\\\(.*+)\z/s', $line, $match)) {
            return $line;
        }
        [, $indent, $rest] = $match;
        $isEscape = str_starts_with($rest, '\\') || Regex::match($isBelowOption ? self::MARK_BELOW : self::MARK_IN_STEM, $isBelowOption ? $rest : $indent.$rest);

        return $isEscape ? $indent.$rest : $line;
    }

    /**
     * The lines of a text, each so that it is read as text.
     *
     * @return non-empty-list<string>
     */
    public static function spelled(string $text, bool $isBelowOption): array
    {
        $lines = explode("\n", $text);
        $fenced = GramFences::in($lines);
        $spelled = [];
        foreach ($lines as $index => $line) {
            $spelled[] = match (true) {
                isset($fenced[$index]) => $line,
                '' === trim($line) => '\\',
                default => self::line($line, $isBelowOption),
            };
        }

        return $spelled;
    }

    private static function line(string $line, bool $isBelowOption): string
    {
        $pattern = $isBelowOption ? self::MARK_BELOW : self::MARK_IN_STEM;
        if (!Regex::match($pattern, $line) || (!$isBelowOption && Regex::match('/^(?:=++|~++)\z/', $line))) {
            return $line;
        }
        $indent = strspn($line, " \t");
        // A backslash is itself where nothing that follows makes an escape of it.
        if ('\\' === $line[$indent] && self::meant($line, $isBelowOption) === $line && '\\' !== substr($line, $indent)) {
            return $line;
        }

        return substr($line, 0, $indent).'\\'.substr($line, $indent);
    }

    /** Where a gap opens in a line of a stem; null where none does. */
    public static function gapIn(string $line, int $from = 0): ?int
    {
        return self::hasBrace($line) && Regex::match(self::BRACE, $line, $match, \PREG_OFFSET_CAPTURE, $from) ? $match[0][1] : null;
    }

    /** Without the backslash before a brace that opens no gap. */
    public static function withoutBraces(string $stem): string
    {
        return str_contains($stem, '\\{') ? Regex::replace(self::SHIELDED_BRACE, '', $stem) : $stem;
    }

    public static function withBraces(string $stem): string
    {
        return self::hasBrace($stem) ? Regex::replace(self::BRACE, '\\\\$0', $stem) : $stem;
    }

    private static function hasBrace(string $text): bool
    {
        return str_contains($text, '{=') || str_contains($text, '{~');
    }

    /** As in GIFT, but that a link is none. */
    public static function formatAt(string $text): ?BraceFormat
    {
        $format = BraceFormat::at($text);
        $isKnown = \in_array($format?->name, [FormattedText::AUTO, FormattedText::HTML, FormattedText::MARKDOWN, FormattedText::PLAIN], true);

        return null === $format || (!$isKnown && str_contains('([:', $text[$format->end] ?? ' ')) ? null : $format;
    }

    /** @return array{?string, string} the format that a text begins with, and the text without it and without what shields one */
    public static function format(string $text): array
    {
        $format = self::formatAt($text);

        return null === $format
            ? [null, self::unshielded($text)]
            : [$format->name, self::behindFormat(ltrim(substr($text, $format->end), " \t\n"))];
    }

    /** A backslash alone lets what follows start a line of its own, as a fence must; two are one. */
    private static function behindFormat(string $text): string
    {
        $backslashes = strspn($text, '\\');
        if (0 === $backslashes || "\n" !== ($text[$backslashes] ?? "\n")) {
            return $text;
        }

        return 1 === $backslashes ? ltrim(substr($text, 1), "\n") : substr($text, 1);
    }

    /** Without the backslash before what would be read as a format. */
    public static function unshielded(string $text): string
    {
        return self::shield($text) > 0 ? substr($text, 1) : $text;
    }

    /** With a backslash before what would be read as a format. */
    public static function shielded(string $text): string
    {
        return null !== self::formatAt($text) || self::shield($text) > 0 ? '\\'.$text : $text;
    }

    /** How many backslashes stand before what would be a format without them. */
    private static function shield(string $text): int
    {
        $backslashes = strspn($text, '\\');

        return $backslashes > 0 && '[' === ($text[$backslashes] ?? '') && null !== self::formatAt(substr($text, $backslashes)) ? $backslashes : 0;
    }

    /** Whether Markdown would show a text otherwise than where nothing is said of its format. */
    public static function hasMarkdown(string $text): bool
    {
        return Regex::match(self::MARKDOWN_SIGN, str_replace('\->', '->', $text));
    }
}
