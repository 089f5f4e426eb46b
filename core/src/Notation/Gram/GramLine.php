<?php

declare(strict_types=1);

namespace Notagram\Notation\Gram;

use Notagram\Notation\NoBreakSpaces;
use Notagram\Source\Regex;

/** A line and what its first signs make of it. Bytes; offsets are those of the text that it is a line of. */
final readonly class GramLine
{
    private const WEIGHT = '(?:%(-?+\d{1,20}(?:\.\d{1,20})?+)%)?+';
    private const OPTION = '/^([=~])'.self::WEIGHT.'(#)?+(?:[ \t]++|\z)/';
    private const TIGHT_OPTION = '/^([=~])'.self::WEIGHT.'(#)?+(?=\S)/';

    /**
     * @param string $text without its end and the blanks before that
     * @param int    $next where the next line starts
     * @param bool   $isFenced whether it stands in a fence that is closed, or is the fence itself
     */
    private function __construct(public string $text, public int $start, public int $next, public bool $isFenced)
    {
    }

    /** @return list<self> */
    public static function allOf(string $text): array
    {
        $texts = $starts = [];
        $length = \strlen($text);
        for ($start = 0; $start < $length; $start = $end) {
            $end = $start + strcspn($text, "\r\n", $start);
            $texts[] = rtrim(substr($text, $start, $end - $start), " \t\f\v");
            $starts[] = $start;
            $end += "\r\n" === substr($text, $end, 2) ? 2 : 1;
        }
        $starts[] = $length;
        $fenced = str_contains($text, '```') ? GramFences::in($texts) : [];
        $lines = [];
        foreach ($texts as $index => $line) {
            $lines[] = new self($line, $starts[$index], $starts[$index + 1], isset($fenced[$index]));
        }

        return $lines;
    }

    public function isBlank(): bool
    {
        return '' === $this->text || (str_contains(" \t\f\v\xC2", $this->text[0]) && '' === NoBreakSpaces::trimmedAtEnd($this->text));
    }

    public function isComment(): bool
    {
        return !$this->isFenced && str_contains($this->text, '//') && str_starts_with(ltrim($this->text, " \t"), '//');
    }

    /** The path, as written; null where it is no category. */
    public function category(): ?string
    {
        return !$this->isFenced && '$' === ($this->text[0] ?? '') && Regex::match('/^\$[ \t]++(\S.*+)\z/s', $this->text, $match) ? $match[1] : null;
    }

    public function title(): ?string
    {
        return !$this->isFenced && ':' === ($this->text[0] ?? '') && Regex::match('/^::[ \t]++(\S.*+)\z/s', $this->text, $match) ? $match[1] : null;
    }

    /** How many blanks it is set in by. */
    public function indent(): int
    {
        return strspn($this->text, " \t");
    }

    /** A backslash alone: a blank line within a text. */
    public function isBackslash(): bool
    {
        return !$this->isFenced && str_ends_with($this->text, '\\') && '\\' === ltrim($this->text, " \t");
    }

    /**
     * The mark of an option at the line's start, or after blanks.
     *
     * @param bool $mayBeTight whether it counts without its blank, as it does below a stem
     */
    public function option(bool $mayBeTight): ?GramMark
    {
        $first = $this->text[0] ?? '';
        if (!str_contains("=~ \t", $first)) {
            return null;
        }
        $text = ltrim($this->text, " \t");
        // A line of these signs alone underlines something; two of one kind begin another thing.
        if ($this->isFenced || '' === $text || !str_contains('=~', $text[0]) || ($text[1] ?? '') === $text[0] || 1 === \strlen($text)) {
            return null;
        }
        if (Regex::match(self::OPTION, $text, $match, \PREG_UNMATCHED_AS_NULL)) {
            return new GramMark($match[1], $match[2], null !== $match[3], $this->indent(), \strlen($match[0]), true);
        }
        if ($mayBeTight && Regex::match(self::TIGHT_OPTION, $text, $match, \PREG_UNMATCHED_AS_NULL)) {
            return new GramMark($match[1], $match[2], null !== $match[3], $this->indent(), \strlen($match[0]), false);
        }

        return null;
    }

    /** How many bytes lead to the text of an explanation; null where it is none. */
    public function explanation(): ?int
    {
        return !$this->isFenced && str_contains($this->text, '####') && Regex::match('/^[ \t]*+####(?!#)[ \t]*+/', $this->text, $match) ? \strlen($match[0]) : null;
    }

    /** How many bytes lead to the text of feedback, which it is only below an option; null where it is none. */
    public function feedback(): ?int
    {
        return !$this->isFenced && str_contains($this->text, '#') && Regex::match('/^[ \t]*+#(?!#)[ \t]*+/', $this->text, $match) ? \strlen($match[0]) : null;
    }

    public function isEssay(): bool
    {
        return !$this->isFenced && '{}' === $this->text;
    }

    public function isStimulus(): bool
    {
        return !$this->isFenced && '{-}' === $this->text;
    }
}
