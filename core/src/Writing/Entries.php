<?php

declare(strict_types=1);

namespace Notagram\Writing;

use Notagram\Question\AcceptedAnswer;
use Notagram\Question\AcceptedNumber;
use Notagram\Question\Answers;
use Notagram\Question\Choice;
use Notagram\Question\EvenShares;
use Notagram\Question\Gap;
use Notagram\Question\Matching;
use Notagram\Question\MultipleResponse;
use Notagram\Question\Numeric;
use Notagram\Question\Option;
use Notagram\Question\Pair;
use Notagram\Question\Question;
use Notagram\Question\ShortAnswer;
use Notagram\Question\Weight;

/**
 * The answers of a question one by one, whatever their kind: options, accepted answers, numbers or pairs.
 *
 * @phpstan-type Entry Option|AcceptedAnswer|AcceptedNumber|Pair
 */
final class Entries
{
    public const OPTION = 'option';
    public const ANSWER = 'answer';
    public const NUMBER = 'number';
    public const PAIR = 'pair';

    /** @return list<Entry> */
    public static function of(Question $question): array
    {
        $answers = self::answersOf($question);

        return match (true) {
            $answers instanceof Choice, $answers instanceof MultipleResponse => $answers->options,
            $answers instanceof ShortAnswer => $answers->accepted,
            $answers instanceof Numeric => $answers->numbers,
            $answers instanceof Matching => $answers->pairs,
            default => [],
        };
    }

    /** What they are called; null where the question has none. */
    public static function kindOf(Question $question): ?string
    {
        $answers = self::answersOf($question);

        return match (true) {
            $answers instanceof Choice, $answers instanceof MultipleResponse => self::OPTION,
            $answers instanceof ShortAnswer => self::ANSWER,
            $answers instanceof Numeric => self::NUMBER,
            $answers instanceof Matching => self::PAIR,
            default => null,
        };
    }

    private static function answersOf(Question $question): Answers
    {
        return $question->answers instanceof Gap ? $question->answers->filler : $question->answers;
    }

    /**
     * The question with other entries of the same kind.
     *
     * @param list<Entry> $entries
     */
    public static function in(Question $question, array $entries): Question
    {
        $answers = self::answersOf($question);
        $new = match (true) {
            $answers instanceof Choice => new Choice(array_values(array_filter($entries, static fn (object $one) => $one instanceof Option))),
            $answers instanceof MultipleResponse => new MultipleResponse(array_values(array_filter($entries, static fn (object $one) => $one instanceof Option))),
            $answers instanceof ShortAnswer => new ShortAnswer(array_values(array_filter($entries, static fn (object $one) => $one instanceof AcceptedAnswer))),
            $answers instanceof Numeric => new Numeric(array_values(array_filter($entries, static fn (object $one) => $one instanceof AcceptedNumber))),
            $answers instanceof Matching => new Matching(array_values(array_filter($entries, static fn (object $one) => $one instanceof Pair))),
            default => $answers,
        };
        $gap = $question->answers;
        if ($gap instanceof Gap) {
            return $new instanceof Choice || $new instanceof ShortAnswer ? $question->with(['answers' => new Gap($gap->before, $gap->after, $new)]) : $question;
        }

        return $question->with(['answers' => $new]);
    }

    /**
     * The place of the entry under a letter.
     *
     * @throws CannotAmend
     */
    public static function placeOf(Question $question, string $letter): int
    {
        $place = 1 === \strlen($letter) && ctype_alpha($letter) ? \ord(strtoupper($letter)) - \ord('A') : null;

        return null !== $place && $place < \count(self::of($question)) ? $place : throw CannotAmend::misuse('no-such-letter', letter: $letter);
    }

    /** @param list<Option> $options */
    public static function areEven(array $options): bool
    {
        foreach (EvenShares::for(array_map(static fn (Option $option) => $option->isKey, $options)) as $index => $share) {
            if (!$share->isWrittenAs($options[$index]->weight)) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param list<Option> $options
     *
     * @return list<Option> with weights that share the points evenly among the right ones
     */
    public static function shared(array $options): array
    {
        $shares = EvenShares::for(array_map(static fn (Option $option) => $option->isKey, $options));

        return array_map(static fn (Option $option, Weight $share) => self::weighed($option, $share, $option->isKey), $options, $shares);
    }

    public static function weighed(Option $option, Weight $weight, bool $isKey): Option
    {
        return new Option($option->text, $weight, $isKey, $option->feedback, $option->span, $option->markLength);
    }
}
