<?php

declare(strict_types=1);

namespace Notagram\Draft;

use Notagram\Check\Words;
use Notagram\Source\Regex;
use Notagram\Source\Span;

/** One sentence of a passage. */
final readonly class Sentence
{
    /** Words: what is shorter says little, and nobody wants to read what is longer as a question. */
    private const SHORTEST = 5;
    private const LONGEST = 40;

    /** @var list<Word> */
    public array $words;

    /**
     * @param string $text on one line, without blanks around it
     * @param Span   $span where it stands in the passage
     */
    public function __construct(public string $text, public Span $span)
    {
        Regex::matchAll('/\p{L}[\p{L}\p{M}\p{N}]*+(?:[\'’-][\p{L}\p{M}\p{N}]++)*+[\'’]?+/u', $text, $matches, \PREG_OFFSET_CAPTURE);
        $this->words = array_map(static fn (array $match) => new Word($match[0], mb_strtolower(str_replace('’', "'", $match[0]), 'UTF-8'), $match[1]), $matches[0]);
    }

    /** Whether it says something by itself: a whole statement of a length to ask about, which does not lean on the sentence before it. */
    public function isStatement(?Words $language): bool
    {
        $count = \count($this->words);
        if ($count < self::SHORTEST || $count > self::LONGEST || !Regex::match('/^[\p{Lu}\p{N}].*\p{Ll}{2}.*[^.]\.\z/us', $this->text)) {
            return false;
        }
        // Quotation marks and brackets that are not closed were cut from their other half; an address is no word, and a formula is not exchanged in part.
        if (Regex::match('~["“”„«»‹›\\\\{}]|https?://|@|_{3}|\$[^$]++\$~u', $this->text) || substr_count($this->text, '(') !== substr_count($this->text, ')') || substr_count($this->text, '[') !== substr_count($this->text, ']')) {
            return false;
        }

        return null === $language || !$language->is($this->words[0]->lower, Words::POINTING);
    }

    /**
     * Whether words stand in it one after the other.
     *
     * @param string $words in small letters, with a blank between them
     */
    public function has(string $words): bool
    {
        return str_contains(' '.implode(' ', array_column($this->words, 'lower')).' ', " {$words} ");
    }

    /** With one stretch of it exchanged. */
    public function with(Exchange $exchange): string
    {
        return substr_replace($this->text, $exchange->by, $exchange->span->start, $exchange->span->length());
    }
}
