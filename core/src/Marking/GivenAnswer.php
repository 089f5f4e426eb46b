<?php

declare(strict_types=1);

namespace Notagram\Marking;

use Notagram\Question\Essay;
use Notagram\Question\FormattedText;
use Notagram\Question\Gap;
use Notagram\Question\Matching;
use Notagram\Question\MultipleResponse;
use Notagram\Question\Numeric;
use Notagram\Question\Pair;
use Notagram\Question\Question;
use Notagram\Question\ShortAnswer;
use Notagram\Question\Stimulus;
use Notagram\Question\TrueFalse;

/** What a pupil answered to one question: options by their places, a truth, a text, or matches by the places of their prompts. */
final readonly class GivenAnswer
{
    /**
     * @param list<int>          $options from 0, each once
     * @param array<int, string> $matches
     */
    private function __construct(public array $options = [], public ?bool $truth = null, public string $text = '', public array $matches = [])
    {
    }

    /**
     * @param mixed $given as JSON has it: a letter, a list of letters, a truth, a text or a number, matches by their prompts; null for none
     *
     * @throws MisfitAnswer
     */
    public static function to(Question $question, mixed $given): self
    {
        if (null === $given) {
            return new self();
        }
        $answers = $question->answers instanceof Gap ? $question->answers->filler : $question->answers;

        return match (true) {
            $answers instanceof Stimulus => throw MisfitAnswer::because('no-question'),
            $answers instanceof TrueFalse => new self(truth: \is_bool($given) ? $given : throw MisfitAnswer::because('truth')),
            $answers instanceof Matching => new self(matches: self::matched($answers, $given)),
            $answers instanceof MultipleResponse => new self(\is_array($given) && array_is_list($given)
                ? array_values(array_unique(array_map(static fn (mixed $letter) => self::place($letter, \count($answers->options)), $given)))
                : throw MisfitAnswer::because('letters')),
            $answers instanceof Numeric => new self(text: match (true) {
                \is_string($given) => $given,
                \is_int($given), \is_float($given) => (string) json_encode($given),
                default => throw MisfitAnswer::because('number'),
            }),
            $answers instanceof ShortAnswer, $answers instanceof Essay => new self(text: \is_string($given) ? $given : throw MisfitAnswer::because('text')),
            default => new self([self::place($given, \count($question->options()))]),
        };
    }

    public function isNone(): bool
    {
        return [] === $this->options && null === $this->truth && '' === TypedAnswer::normal($this->text) && [] === $this->matches;
    }

    private static function place(mixed $letter, int $options): int
    {
        if (!\is_string($letter) || 1 !== \strlen($letter) || !ctype_alpha($letter)) {
            throw MisfitAnswer::because('letter');
        }
        $place = \ord(strtoupper($letter)) - \ord('A');

        return $place < $options ? $place : throw MisfitAnswer::because('no-such-letter', letter: strtoupper($letter));
    }

    /** @return array<int, string> */
    private static function matched(Matching $matching, mixed $given): array
    {
        if (!\is_array($given) || ([] !== $given && array_is_list($given))) {
            throw MisfitAnswer::because('pairs');
        }
        $known = array_map(static fn (Pair $pair) => TypedAnswer::normal($pair->match), $matching->pairs);
        $matches = [];
        foreach ($given as $prompt => $match) {
            $place = self::prompt($matching, (string) $prompt);
            if (null === $match) {
                continue;
            }
            if (!\is_string($match) || !\in_array(TypedAnswer::normal($match), $known, true)) {
                throw MisfitAnswer::because('no-such-match', match: \is_string($match) ? $match : '');
            }
            $matches[$place] = $match;
        }

        return $matches;
    }

    private static function prompt(Matching $matching, string $prompt): int
    {
        foreach ($matching->pairs as $place => $pair) {
            if (!$pair->prompt->isEmpty() && \in_array(TypedAnswer::normal($prompt), [TypedAnswer::normal($pair->prompt->text), TypedAnswer::normal((new FormattedText($pair->prompt->text, $pair->prompt->format))->plain())], true)) {
                return $place;
            }
        }
        throw MisfitAnswer::because('no-such-prompt', prompt: $prompt);
    }
}
