<?php

declare(strict_types=1);

namespace Notagram\Notation\Aiken;

use Notagram\Notation\LookAlikes;
use Notagram\Notation\NoBreakSpaces;
use Notagram\Source\Regex;
use Notagram\Source\Span;

/** One line, and what its form alone says: whether it could be an option or an answer line. */
final readonly class AikenLine
{
    public const BLANKS = " \t\f\v";

    /**
     * @param string  $text      without blanks around it
     * @param Span    $span      of that text
     * @param int     $next      where the next line starts
     * @param ?string $letter    in capitals, if it could be an option
     * @param bool    $isCertain whether that form alone tells (A- and A.text do so only for the letter that is expected)
     * @param bool    $isStrict  whether it is in the form that receivers take
     * @param ?string $answer    what follows the word ANSWER, if it could be an answer line
     * @param bool    $hasLookAlike whether its letter or sign only looks like one
     */
    private function __construct(
        public string $text,
        public Span $span,
        public int $next,
        public ?string $letter = null,
        public int $optionTextAt = 0,
        public bool $isCertain = false,
        public bool $isStrict = false,
        public ?string $answer = null,
        public bool $hasLookAlike = false,
    ) {
    }

    public static function at(string $source, int $offset): self
    {
        $end = $offset + strcspn($source, "\r\n", $offset);
        $next = $end + match (true) {
            $end >= \strlen($source) => 0,
            "\r" === $source[$end] && "\n" === ($source[$end + 1] ?? '') => 2,
            default => 1,
        };
        $start = $offset + strspn($source, self::BLANKS, $offset, $end - $offset);
        $text = rtrim(substr($source, $start, $end - $start), self::BLANKS);
        $isStrictAnswer = Regex::match('/^ANSWER: [A-Z]\z/', $text);
        if (str_contains($text, NoBreakSpaces::SPACE)) {
            $trimmed = Regex::replace('/^(?:[ \t\f\x0B]|\xC2\xA0)++/', '', $text);
            $start += \strlen($text) - \strlen($trimmed);
            $text = NoBreakSpaces::trimmedAtEnd($trimmed);
        }
        $span = new Span($start, $start + \strlen($text));
        if ('' === $text) {
            return new self($text, $span, $next);
        }
        if (('A' === $text[0] || 'a' === $text[0]) && 0 === strncasecmp($text, 'answer', 6) && null !== $answer = self::answer($text)) {
            return new self($text, $span, $next, isStrict: $isStrictAnswer, answer: $answer, hasLookAlike: self::endsInLookAlike($text));
        }
        if ($text[0] >= "\x80" || (\strlen($text) > 1 && $text[1] >= "\x80")) {
            return self::withLookAlike($text, $span, $next) ?? new self($text, $span, $next);
        }
        if ('(' !== $text[0] && !str_contains('.):-', $text[1] ?? ' ')) {
            return new self($text, $span, $next);
        }
        // A letter with its sign, then a blank of some kind or, for the letter that is expected, nothing.
        if (Regex::match('/^(\()?([A-Za-z])(?(1)\)|[.):\-])((?:[ \t]|\xC2\xA0)*+)(?=\S)/', $text, $match)) {
            return new self(
                $text,
                $span,
                $next,
                strtoupper($match[2]),
                $start + \strlen($match[0]),
                '' !== $match[3] && '-' !== $text[1],
                $start === $offset && ' ' === $match[3] && '' === $match[1] && ctype_upper($match[2]) && str_contains('.)', $text[1]),
            );
        }

        return new self($text, $span, $next);
    }

    /** An option whose letter or sign is of another alphabet: А. for A. */
    private static function withLookAlike(string $text, Span $span, int $next): ?self
    {
        if (!Regex::match('/^(\(|（)?(\p{L})(?(1)[)）]|[.):．）：])((?:[ \t]|\x{A0}|\x{3000})*+)(?=\S)/u', $text, $match)) {
            return null;
        }
        $letter = LookAlikes::plain($match[2]);

        return Regex::match('/^[A-Za-z]\z/', $letter)
            ? new self($text, $span, $next, strtoupper($letter), $span->start + \strlen($match[0]), '' !== $match[3] && $letter === $match[2], hasLookAlike: true)
            : null;
    }

    /** Whether the colon or the letter of an answer line only looks like one. */
    private static function endsInLookAlike(string $text): bool
    {
        return Regex::match('/^answers?\s*+(?:：\s*+\S|[:;]\s*+(?![A-Za-z])\p{L}\W*+\z)/iu', $text) && Regex::match('/[A-Z]\W*+\z/i', LookAlikes::plain($text));
    }

    /** The line as an option beyond Z, where it begins as one; null where it does not. */
    public function beyondLastLetter(): ?self
    {
        return Regex::match('/^\(?([A-Za-z]{1,2})[.)][ \t]++(?=\S)/', $this->text, $match)
            ? new self($this->text, $this->span, $this->next, strtoupper($match[1]), $this->span->start + \strlen($match[0]), isStrict: true)
            : null;
    }

    public function isBlank(): bool
    {
        return '' === $this->text;
    }

    /** What follows the word ANSWER, where the line is such a line. */
    private static function answer(string $text): ?string
    {
        if (Regex::match('/^answers?[ \t]*+(?:[:;]|-(?=\s|[A-Za-z]\b)|\xEF\xBC\x9A|[.](?=\s))[ \t]*+(.*+)\z/i', $text, $match)) {
            return $match[1];
        }
        // Without a sign, only letters make it one: “Answer the following” is a stem.
        if (Regex::match('/^answers?\s++((?:[A-Z](?:\s*+[,&;]\s*+|\s++and\s++)?+){1,26}+)[.]?+\z/i', $text, $match) && Regex::match('/^[A-Z](?![A-Z])/i', $match[1])) {
            return $match[1];
        }

        return null;
    }
}
