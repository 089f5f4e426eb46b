<?php

declare(strict_types=1);

namespace Notagram\Draft;

use Notagram\Check\Language;
use Notagram\Check\Words;
use Notagram\Source\Regex;
use Notagram\Source\Span;

/** What a passage tells that can be asked for or mistaken: its numbers, its names, what it defines, and how often it has each word. */
final class Facts
{
    /** Definitions before and after one that its other terms are looked for in. */
    private const NEAR = 30;
    /** Letters: what is shorter is seldom worth asking for. */
    private const SHORTEST_WORD = 5;

    /** @var array<string, true> */
    private array $texts = [];
    /** @var array<int, list<NumberInText>> by statement, as all that follow */
    private array $numbers = [];
    /** @var array<int, list<array{string, Span, string}>> names, where each stands, and the little word before it */
    private array $names = [];
    /** @var array<int, Definition> */
    private array $definitions = [];
    /** @var list<int> the statements that define */
    private array $defining = [];
    /** @var array<string, list<string>> the names behind each little word, each once */
    private array $namesBehind = [];
    /** @var array<string, list<NumberInText>> by kind, each value once, in order */
    private array $numbersOfKind = [];
    /** @var array<string, int> */
    private array $timesOf = [];
    /** @var array<int, list<string>> */
    private array $otherTerms = [];
    /** @var array<int, ?Exchange> */
    private array $exchanges = [];

    /** @param list<Sentence> $statements */
    private function __construct(private readonly Passage $passage, public readonly array $statements)
    {
    }

    public static function of(Passage $passage): self
    {
        $facts = new self($passage, $passage->statements());
        $words = $passage->words();
        foreach ($passage->sentences as $sentence) {
            $facts->texts[$sentence->text] = true;
            foreach ($sentence->words as $word) {
                $facts->timesOf[$word->lower] = ($facts->timesOf[$word->lower] ?? 0) + 1;
            }
        }
        foreach ($facts->statements as $index => $sentence) {
            $facts->numbers[$index] = NumberInText::allIn($sentence, $passage);
            $facts->names[$index] = null === $words || Language::German === $passage->language ? [] : self::namesIn($sentence, $words);
            $definition = null === $words ? null : Definition::in($sentence, $words);
            if (null !== $definition) {
                $facts->definitions[$index] = $definition;
            }
        }
        $facts->putInOrder();

        return $facts;
    }

    private function putInOrder(): void
    {
        $this->defining = array_keys($this->definitions);
        $behind = $ofKind = [];
        foreach ($this->names as $names) {
            foreach ($names as [$name, , $lead]) {
                $behind[$lead][$name] = $name;
            }
        }
        foreach ($this->numbers as $numbers) {
            foreach ($numbers as $number) {
                $ofKind[$number->kind][(string) $number->value] ??= $number;
            }
        }
        $this->namesBehind = array_map(array_values(...), $behind);
        foreach ($ofKind as $kind => $numbers) {
            usort($numbers, static fn (NumberInText $one, NumberInText $other) => $one->value <=> $other->value);
            $this->numbersOfKind[$kind] = $numbers;
        }
    }

    public function definition(int $statement): ?Definition
    {
        return $this->definitions[$statement] ?? null;
    }

    /** @return list<string> what else the passage defines in the same way, and the sentence does not speak of: first what is worded like its own term, and what stands near */
    public function otherTerms(int $statement): array
    {
        return $this->otherTerms[$statement] ??= $this->termsBeside($statement);
    }

    /** @return list<string> */
    private function termsBeside(int $statement): array
    {
        $own = $this->definitions[$statement] ?? null;
        if (null === $own) {
            return [];
        }
        $ranks = $terms = [];
        $place = (int) array_search($statement, $this->defining, true);
        foreach (\array_slice($this->defining, max(0, $place - self::NEAR), 2 * self::NEAR + 1) as $index) {
            $other = $this->definitions[$index];
            if ($other->verb === $own->verb && !isset($terms[$other->name]) && !$this->statements[$statement]->has($other->name)) {
                $terms[$other->name] = $other->term;
                $ranks[] = [$other->hasDeterminer() === $own->hasDeterminer() ? 0 : 1, abs($index - $statement)];
            }
        }
        $terms = array_values($terms);
        array_multisort($ranks, $terms);

        return $terms;
    }

    /** What a pupil can be asked to fill in: a number, else a name, else the rarest of the long words. Null where there is none. */
    public function blank(int $statement): ?Blank
    {
        $sentence = $this->statements[$statement];
        foreach ($this->numbers[$statement] as $number) {
            if (1 === substr_count($sentence->text, $number->text)) {
                return new Blank($number->span, array_values(array_unique([$number->text, $number->ungrouped()])));
            }
        }
        $word = $this->rareWord($sentence, array_map(static fn (array $name) => $name[1]->start, $this->names[$statement]));

        return null === $word ? null : new Blank(new Span($word->at, $word->end()), [$word->text]);
    }

    /** One number, name or term of a statement against another one of the passage, so that it is true no longer as far as the passage tells. */
    public function exchange(int $statement): ?Exchange
    {
        if (!\array_key_exists($statement, $this->exchanges)) {
            $this->exchanges[$statement] = $this->exchangeIn($statement);
        }

        return $this->exchanges[$statement];
    }

    private function exchangeIn(int $statement): ?Exchange
    {
        $sentence = $this->statements[$statement];
        $exchanges = [];
        foreach ($this->numbers[$statement] as $number) {
            $exchanges[] = $this->exchangedNumber($statement, $number);
        }
        foreach ($this->names[$statement] as [, $span, $lead]) {
            $exchanges[] = $this->exchangedName($statement, $span, $lead);
        }
        $definition = $this->definitions[$statement] ?? null;
        if (null !== $definition) {
            array_push($exchanges, ...array_map(static fn (string $term) => new Exchange($definition->span(), $term), $this->otherTerms($statement)));
        }
        foreach ($exchanges as $exchange) {
            if (null !== $exchange && !isset($this->texts[$sentence->with($exchange)])) {
                return $exchange;
            }
        }

        return null;
    }

    /** The nearest other number of its kind: one that might be right. */
    private function exchangedNumber(int $statement, NumberInText $number): ?Exchange
    {
        $own = array_column($this->numbers[$statement], 'value');
        $others = $this->numbersOfKind[$number->kind];
        [$low, $high] = [0, \count($others)];
        while ($low < $high) {
            $middle = ($low + $high) >> 1;
            [$low, $high] = $others[$middle]->value < $number->value ? [$middle + 1, $high] : [$low, $middle];
        }
        // Of those that are smaller and those that are greater, the first that the sentence does not name itself.
        $smaller = $low - 1;
        while ($smaller >= 0 && \in_array($others[$smaller]->value, $own, true)) {
            --$smaller;
        }
        $greater = $low;
        while ($greater < \count($others) && \in_array($others[$greater]->value, $own, true)) {
            ++$greater;
        }
        $candidates = array_values(array_filter([$others[$smaller] ?? null, $others[$greater] ?? null], static fn (?NumberInText $one) => null !== $one));
        usort($candidates, static fn (NumberInText $one, NumberInText $other) => $one->distanceTo($number) <=> $other->distanceTo($number));

        return [] === $candidates ? null : new Exchange($number->span, $candidates[0]->text);
    }

    private function exchangedName(int $statement, Span $span, string $lead): ?Exchange
    {
        foreach ($this->namesBehind[$lead] ?? [] as $name) {
            if (!$this->statements[$statement]->has(mb_strtolower(str_replace('’', "'", $name), 'UTF-8'))) {
                return new Exchange($span, $name);
            }
        }

        return null;
    }

    /** @param list<int> $names bytes at which names begin */
    private function rareWord(Sentence $sentence, array $names): ?Word
    {
        $words = $this->passage->words();
        if (null === $words) {
            return null;
        }
        $first = $this->passage->sentences[0]->words[0]->lower ?? '';
        $best = null;
        $bestRank = [];
        foreach (\array_slice($sentence->words, 1) as $word) {
            if ($word->lower === $first || isset($words->kinds[$word->lower]) || mb_strlen($word->text, 'UTF-8') < self::SHORTEST_WORD || !Regex::match('/^[\p{L}\p{M}-]++\z/u', $word->text) || $this->isRepeated($sentence, $word)) {
                continue;
            }
            $rank = [\in_array($word->at, $names, true) ? 0 : 1, $this->timesOf[$word->lower], -mb_strlen($word->text, 'UTF-8')];
            if (null === $best || $rank < $bestRank) {
                [$best, $bestRank] = [$word, $rank];
            }
        }

        return $best;
    }

    /** Whether the sentence says the word again, or another one that begins like it. */
    private function isRepeated(Sentence $sentence, Word $word): bool
    {
        $stem = mb_substr($word->lower, 0, max(4, mb_strlen($word->lower, 'UTF-8') - 2), 'UTF-8');
        foreach ($sentence->words as $other) {
            if ($other->at !== $word->at && str_starts_with($other->lower, $stem)) {
                return true;
            }
        }

        return false;
    }

    /** @return list<array{string, Span, string}> those behind a little word */
    private static function namesIn(Sentence $sentence, Words $words): array
    {
        $names = [];
        $list = $sentence->words;
        for ($index = 1; $index < \count($list); ++$index) {
            $lead = $list[$index - 1];
            // “Perl’s” names something as well, but nothing that another name can stand for.
            if (!$list[$index]->isCapitalised() || str_contains($list[$index]->lower, "'") || isset($words->kinds[$list[$index]->lower]) || !$words->is($lead->lower, Words::FUNCTION)) {
                continue;
            }
            $last = $index;
            while (isset($list[$last + 1]) && $list[$last + 1]->isCapitalised() && !str_contains($list[$last + 1]->lower, "'") && $list[$last + 1]->at === $list[$last]->end() + 1 && ' ' === $sentence->text[$list[$last]->end()]) {
                ++$last;
            }
            $span = new Span($list[$index]->at, $list[$last]->end());
            $names[] = [$span->of($sentence->text), $span, $lead->lower];
            $index = $last;
        }

        return $names;
    }
}
