<?php

declare(strict_types=1);

namespace Notagram\Draft;

use Notagram\Check\Wording;
use Notagram\Check\Words;
use Notagram\Question\AcceptedAnswer;
use Notagram\Question\Option;
use Notagram\Question\Question;
use Notagram\Question\TrueFalse;

/** Finds the sentence of a passage that a draft goes back to: the one that shares most of its words. */
final class Origins
{
    /** Of all words of both, how many both must have. */
    private const LEAST_SHARED = 0.25;
    /** Words that begin alike are taken for forms of one: take, takes; emerge, emergence. */
    private const LETTERS = 4;

    /** @var list<array<string, true>> of each sentence */
    private array $wordsOf;

    public function __construct(private readonly Passage $passage)
    {
        $this->wordsOf = array_map(fn (Sentence $sentence) => $this->wordsIn($sentence->text), $passage->sentences);
    }

    /** Null where none is like it. */
    public function of(Question $question): ?Origin
    {
        $own = $this->wordsIn(self::textOf($question));
        $best = null;
        $most = self::LEAST_SHARED;
        foreach ($this->wordsOf as $index => $words) {
            $shared = \count(array_intersect_key($own, $words));
            $share = 0 === $shared ? 0.0 : $shared / (\count($own) + \count($words) - $shared);
            if ($share > $most) {
                [$best, $most] = [$this->passage->sentences[$index], $share];
            }
        }

        return null === $best ? null : new Origin($best, $most);
    }

    /** What it says with its right answer; of a wrong statement, what is said instead, where that is said. */
    private static function textOf(Question $question): string
    {
        if ($question->answers instanceof TrueFalse && null !== $question->explanation) {
            return $question->explanation->plain();
        }
        $right = [
            ...array_map(static fn (Option $option) => $option->text->plain(), array_filter($question->options(), static fn (Option $option) => $option->isKey)),
            ...array_map(static fn (AcceptedAnswer $accepted) => $accepted->text, $question->accepted()),
        ];

        return implode(' ', [$question->stem->plain(), ...$right]);
    }

    /** @return array<string, true> the beginnings of its words, without little ones */
    private function wordsIn(string $text): array
    {
        $words = [];
        $language = $this->passage->words();
        foreach (Wording::wordsOf($text) as $word) {
            if (true !== $language?->is($word, Words::FUNCTION)) {
                $words[mb_substr($word, 0, self::LETTERS, 'UTF-8')] = true;
            }
        }

        return $words;
    }
}
