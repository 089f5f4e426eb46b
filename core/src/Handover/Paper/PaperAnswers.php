<?php

declare(strict_types=1);

namespace Notagram\Handover\Paper;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Notagram\Handover\Letters;
use Notagram\Question\AcceptedAnswer;
use Notagram\Question\AcceptedNumber;
use Notagram\Question\Choice;
use Notagram\Question\Essay;
use Notagram\Question\Gap;
use Notagram\Question\Matching;
use Notagram\Question\MultipleResponse;
use Notagram\Question\Numeric;
use Notagram\Question\Option;
use Notagram\Question\Pair;
use Notagram\Question\Question;
use Notagram\Question\ShortAnswer;
use Notagram\Question\Stimulus;
use Notagram\Question\TrueFalse;

/** What a paper shows of answers, whatever kind of file it is. */
final class PaperAnswers
{
    private const NONE = '–';
    private const LINES_FOR_A_POINT = 3;
    private const FEWEST_LINES = 4;
    private const MOST_LINES = 24;

    /**
     * Each once, in an order that only their own words settle.
     *
     * @return list<string>
     */
    public static function matches(Matching $matching): array
    {
        $matches = array_values(array_unique(array_filter(array_map(static fn (Pair $pair) => $pair->match, $matching->pairs), static fn (string $match) => '' !== $match)));
        usort($matches, static fn (string $one, string $other) => hash('xxh64', $one) <=> hash('xxh64', $other));

        return $matches;
    }

    /** @param list<string> $matches as they stand on the paper */
    public static function letterOf(Pair $pair, array $matches): string
    {
        $place = array_search($pair->match, $matches, true);

        return false === $place ? '' : Letters::at($place);
    }

    /** What the key says of a question: a dash where there is no one answer, or none is marked. */
    public static function keyOf(Question $question, PaperPhrases $phrases): string
    {
        return $question->isMarked() ? self::answerOf($question, $phrases) : self::NONE;
    }

    private static function answerOf(Question $question, PaperPhrases $phrases): string
    {
        $answers = $question->answers instanceof Gap ? $question->answers->filler : $question->answers;

        return match (true) {
            $answers instanceof Choice, $answers instanceof MultipleResponse => implode(', ', array_map(Letters::at(...), array_keys(array_filter($answers->options, static fn (Option $option) => $option->isKey)))),
            $answers instanceof TrueFalse => null === $answers->answer ? '' : $phrases->truths()[$answers->answer ? 0 : 1],
            $answers instanceof ShortAnswer => implode(' / ', array_map(static fn (AcceptedAnswer $one) => $one->text, self::right($answers->accepted))),
            $answers instanceof Numeric => implode(' / ', array_map(static fn (AcceptedNumber $one) => $one->spelled(), $answers->numbers)),
            $answers instanceof Matching => self::keyOfPairs($answers),
            $answers instanceof Essay, $answers instanceof Stimulus => self::NONE,
        };
    }

    private static function keyOfPairs(Matching $matching): string
    {
        $matches = self::matches($matching);
        $prompts = array_filter($matching->pairs, static fn (Pair $pair) => !$pair->prompt->isEmpty());

        return implode('; ', array_map(static fn (Pair $pair) => "{$pair->prompt->plain()} – ".self::letterOf($pair, $matches), $prompts));
    }

    /**
     * @param list<AcceptedAnswer> $accepted
     *
     * @return list<AcceptedAnswer>
     */
    public static function right(array $accepted): array
    {
        return array_values(array_filter($accepted, static fn (AcceptedAnswer $one) => $one->weight->isAboveZero()));
    }

    /** @return int<0, max> */
    public static function linesFor(Question $question): int
    {
        $points = BigDecimal::of($question->points ?? '1')->toScale(0, RoundingMode::Up)->toInt();

        return max(self::FEWEST_LINES, min(self::MOST_LINES, self::LINES_FOR_A_POINT * $points));
    }
}
