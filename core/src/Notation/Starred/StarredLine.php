<?php

declare(strict_types=1);

namespace Notagram\Notation\Starred;

use Notagram\Notation\NoBreakSpaces;
use Notagram\Notation\PaperWords;
use Notagram\Source\Regex;
use Notagram\Source\Span;

/** One line of a text, with what its form alone says. */
final readonly class StarredLine
{
    /** A star, the letter with its sign, a star: of which at most one counts. */
    private const OPTION = '/^(?:(\*)[ ]?)?(\()?([A-Za-z])(\*)?(?(2)\)|[.)])(\*(?=[ \t]))?([ \t]*+)(?=\S|\z)/';

    /** @param string $text without blanks around it */
    private function __construct(public string $text, public Span $span, public int $next)
    {
    }

    public static function at(string $source, int $offset): self
    {
        $end = $offset + strcspn($source, "\r\n", $offset);
        $next = $end + match (true) {
            $end >= \strlen($source) => 0,
            "\r" === $source[$end] && "\n" === ($source[$end + 1] ?? '') => 2,
            default => 1,
        };
        Regex::match('/\A(?:[ \t\f\x0B]|\xC2\xA0)*+/', substr($source, $offset, $end - $offset), $lead);
        $start = $offset + \strlen($lead[0] ?? '');
        $text = NoBreakSpaces::trimmedAtEnd(substr($source, $start, $end - $start));

        return new self($text, new Span($start, $start + \strlen($text)), $next);
    }

    /** @return list<self> */
    public static function allOf(string $source): array
    {
        $lines = [];
        for ($offset = 0; $offset < \strlen($source); $offset = $lines[\count($lines) - 1]->next) {
            $lines[] = self::at($source, $offset);
        }

        return $lines;
    }

    public function isBlank(): bool
    {
        return '' === $this->text;
    }

    public function number(): ?StarredNumber
    {
        $word = PaperWords::all()->question;
        $first = $this->text[0] ?? ' ';
        if (!ctype_alnum($first) && '(' !== $first && '_' !== $first && $first < "\x80") {
            return null;
        }
        // A rule for the answer may stand before it.
        if (Regex::match('/^(?:_{2,}+(?:[ \t]|\xC2\xA0)*+)?+(?:\((\d{1,4})\)|(\d{1,4})([.)])(?!\d))(?:[ \t]|\xC2\xA0)*+/', $this->text, $match)) {
            return new StarredNumber((int) ($match[1].($match[2] ?? '')), \strlen($match[0]), $match[3] ?? '()');
        }
        if (Regex::match("~^(?:{$word})[ \\t]*+(\\d{1,4})(?:[ \\t]*+[.:)–-]|(?=[ \\t]*+[(\\[])|\\z)(?:[ \\t]|\\x{A0})*+~iu", $this->text, $match)) {
            return new StarredNumber((int) $match[1], \strlen($match[0]), 'word');
        }

        return null;
    }

    public function letter(): ?StarredLetter
    {
        if (!Regex::match(self::OPTION, $this->text, $match)) {
            return null;
        }

        return new StarredLetter($match[3], \strlen($match[0]), '' !== $match[1] || '' !== $match[4] || '' !== $match[5]);
    }

    /** What follows “Answer:” to the end of the line; null where it is no such line. */
    public function answer(): ?string
    {
        return $this->behindLabel(PaperWords::all()->answer);
    }

    /** What follows “Explanation:” to the end of the line; null where it is no such line. */
    public function explanation(): ?string
    {
        // Most lines have no colon near their start.
        return str_contains(substr($this->text, 0, 40), ':') ? $this->behindLabel(PaperWords::all()->explanation) : null;
    }

    private function behindLabel(string $words): ?string
    {
        return Regex::match("~^(?:{$words})[ \\t]*+:[ \\t]*+~iu", $this->text, $match) ? substr($this->text, \strlen($match[0])) : null;
    }

    public function isPair(): bool
    {
        return str_contains($this->text, ' -> ') || str_starts_with($this->text, '-> ');
    }

    public function isEssayMark(): bool
    {
        return '...' === $this->text || '…' === $this->text;
    }

    /**
     * Whether the words for true and false, or one of them, are all there is.
     *
     * @return ?non-empty-list<StarredTruth>
     */
    public function truths(): ?array
    {
        $words = PaperWords::all();
        if (!Regex::match("~^(\\*?[ ]?(?:{$words->true}|{$words->false})[ ]?\\*?)(?:(?:[ \\t]{2,}|[ \\t]*[/|][ \\t]*|\\t)(\\*?[ ]?(?:{$words->true}|{$words->false})[ ]?\\*?))?\\z~iu", $this->text, $match, \PREG_OFFSET_CAPTURE)) {
            return null;
        }
        $truths = [];
        foreach (\array_slice($match, 1) as [$written, $at]) {
            $meaning = $words->truth($written);
            if (null === $meaning) {
                return null;
            }
            $start = $this->span->start + $at;
            $truths[] = new StarredTruth($meaning, str_contains($written, '*'), new Span($start, $start + \strlen($written)));
        }

        return [] === $truths || (2 === \count($truths) && $truths[0]->isTrue === $truths[1]->isTrue) ? null : $truths;
    }
}
