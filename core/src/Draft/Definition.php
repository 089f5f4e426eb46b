<?php

declare(strict_types=1);

namespace Notagram\Draft;

use Notagram\Check\Words;
use Notagram\Source\Span;

/** A sentence that says what something is: “The queen is the only bee that …”. */
final readonly class Definition
{
    private const LONGEST_TERM = 3;
    /** Words behind the verb: what is shorter is soon true of something else as well. */
    private const SHORTEST_SAYING = 4;

    /**
     * @param string $term with what stands before it, as the sentence begins
     * @param string $name the term alone, in small letters
     * @param string $verb in small letters
     */
    private function __construct(public string $term, public string $name, public string $verb)
    {
    }

    /** Null where the sentence is none. */
    public static function in(Sentence $sentence, Words $words): ?self
    {
        $list = $sentence->words;
        $first = $words->is($list[0]->lower, Words::DETERMINER) ? 1 : 0;
        $verb = self::verbIn($list, $first, $words);
        if (null === $verb || !isset($list[$verb + self::SHORTEST_SAYING]) || !$words->is($list[$verb + 1]->lower, Words::DETERMINER)) {
            return null;
        }
        $end = $list[$verb - 1]->end();
        $term = substr($sentence->text, 0, $end);
        // Only words and blanks: a comma or a number between them makes it something else.
        if (0 !== $list[0]->at || implode(' ', array_map(static fn (Word $word) => $word->text, \array_slice($list, 0, $verb))) !== $term) {
            return null;
        }

        return new self($term, implode(' ', array_map(static fn (Word $word) => $word->lower, \array_slice($list, $first, $verb - $first))), $list[$verb]->lower);
    }

    /**
     * Where the verb stands behind a term of a few words; null where something else does.
     *
     * @param list<Word> $list
     */
    private static function verbIn(array $list, int $first, Words $words): ?int
    {
        foreach (\array_slice($list, $first, self::LONGEST_TERM + 1) as $place => $word) {
            if ($words->is($word->lower, Words::DEFINING)) {
                return 0 === $place ? null : $first + $place;
            }
            if ($words->is($word->lower, Words::FUNCTION | Words::NEGATIVE)) {
                return null;
            }
        }

        return null;
    }

    /** Whether an article or its like stands before the term. */
    public function hasDeterminer(): bool
    {
        return substr_count($this->name, ' ') < substr_count($this->term, ' ');
    }

    public function span(): Span
    {
        return new Span(0, \strlen($this->term));
    }
}
