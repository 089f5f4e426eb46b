<?php

declare(strict_types=1);

namespace Notagram\Marking;

use Brick\Math\BigDecimal;
use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use Notagram\Message\Message;
use Notagram\Question\AcceptedAnswer;
use Notagram\Question\AcceptedNumber;
use Notagram\Question\Essay;
use Notagram\Question\FormattedText;
use Notagram\Question\Gap;
use Notagram\Question\Matching;
use Notagram\Question\MultipleResponse;
use Notagram\Question\Numeric;
use Notagram\Question\Option;
use Notagram\Question\Pair;
use Notagram\Question\Question;
use Notagram\Question\Stimulus;
use Notagram\Question\TrueFalse;

/** Marks answers exactly: the share of its points that each earns, in fractions. */
final readonly class Scoring
{
    public function __construct(private BelowZero $belowZero = BelowZero::Never)
    {
    }

    /** Null for a text without an answer. */
    public function of(Question $question, GivenAnswer $given): ?QuestionScore
    {
        $answers = $question->answers instanceof Gap ? $question->answers->filler : $question->answers;
        $points = BigRational::of($question->points ?? '1');
        if ($answers instanceof Stimulus) {
            return null;
        }
        if ($answers instanceof Essay) {
            return new QuestionScore(BigRational::zero(), $points, new Message('mark/by-hand'), true);
        }
        if (!$question->isMarked()) {
            return new QuestionScore(BigRational::zero(), $points, new Message('mark/no-key'));
        }
        if ($given->isNone()) {
            return new QuestionScore(BigRational::zero(), $points, new Message('mark/unanswered'));
        }
        [$percent, $why] = match (true) {
            $answers instanceof TrueFalse => self::whole($answers->answer === $given->truth),
            $answers instanceof MultipleResponse => self::ofBoxes($answers->options, $given->options),
            $answers instanceof Matching => self::ofPairs($answers->pairs, $given->matches),
            $answers instanceof Numeric => self::ofNumber($answers->numbers, $given->text),
            [] !== $question->options() => self::ofOption($question->options()[$given->options[0] ?? 0]),
            default => self::ofText($question->accepted(), $given->text),
        };
        $percent = BigRational::min($percent, 100);
        $percent = BelowZero::Never === $this->belowZero ? BigRational::max($percent, 0) : $percent;

        return new QuestionScore($percent->multipliedBy($points)->dividedBy(100), $points, $why);
    }

    /**
     * What an answer still earns that was not the first try: each try before it costs so much of the points.
     *
     * @param BigRational $cost per cent
     */
    public static function afterTries(QuestionScore $score, int $tries, BigRational $cost): QuestionScore
    {
        if ($tries < 2 || !$score->earned->isPositive() || $cost->isZero()) {
            return $score;
        }
        $lost = $cost->multipliedBy($tries - 1)->multipliedBy($score->of)->dividedBy(100);
        $why = Message::of('mark/tries', why: $score->why, tries: $tries, cost: self::shown(BigRational::min($cost->multipliedBy($tries - 1), 100)));

        return new QuestionScore(BigRational::max($score->earned->minus($lost), 0), $score->of, $why, $score->isByHand);
    }

    /**
     * What the author says to that answer.
     *
     * @return list<FormattedText>
     */
    public static function feedback(Question $question, GivenAnswer $given): array
    {
        $answers = $question->answers;
        $accepted = '' === $given->text ? null : ($answers instanceof Numeric ? self::bestNumber($answers->numbers, $given->text) : self::bestText($question->accepted(), $given->text));

        return array_values(array_filter([
            ...array_map(static fn (int $place) => ($question->options()[$place] ?? null)?->feedback, $given->options),
            $answers instanceof TrueFalse && null !== $given->truth ? ($answers->answer === $given->truth ? $answers->feedbackWhenRight : $answers->feedbackWhenWrong) : null,
            $accepted?->feedback,
        ]));
    }

    /**
     * What all earn together: nothing less than nothing, unless the whole may go below it.
     *
     * @param list<QuestionScore> $scores
     */
    public function sum(array $scores): BigRational
    {
        $sum = BigRational::zero();
        foreach ($scores as $score) {
            $sum = $sum->plus($score->earned);
        }

        return BelowZero::Sheet === $this->belowZero ? $sum : BigRational::max($sum, 0);
    }

    /** @return array{BigRational, Message} */
    private static function whole(bool $isRight): array
    {
        return [BigRational::of($isRight ? 100 : 0), new Message($isRight ? 'mark/right' : 'mark/wrong')];
    }

    /** @return array{BigRational, Message} */
    private static function ofOption(Option $option): array
    {
        $percent = $option->weight->share();

        return $percent->isEqualTo(100) || $percent->isZero() ? self::whole($percent->isPositive()) : [$percent, Message::of('mark/partly', percent: self::shown($percent))];
    }

    /**
     * @param list<Option> $options
     * @param list<int>    $ticked
     *
     * @return array{BigRational, Message}
     */
    private static function ofBoxes(array $options, array $ticked): array
    {
        $sum = BigRational::zero();
        $rights = $wrongs = [];
        $ofRights = 0;
        foreach ($options as $place => $option) {
            $share = $option->weight->share();
            $ofRights += $share->isPositive() ? 1 : 0;
            if (!\in_array($place, $ticked, true)) {
                continue;
            }
            $sum = $sum->plus($share);
            if ($share->isPositive()) {
                $rights[] = self::shown($share);
            } else {
                $wrongs[] = self::shown($share);
            }
        }

        return [$sum, Message::of(
            'mark/boxes',
            rights: \count($rights),
            of: $ofRights,
            each: self::each($rights),
            alike: self::areAlike($rights) ? 'yes' : 'no',
            wrongs: \count($wrongs),
            taken: self::each($wrongs),
            wrongsAlike: self::areAlike($wrongs) ? 'yes' : 'no',
        )];
    }

    /** @param list<string> $percents */
    private static function each(array $percents): string
    {
        return self::areAlike($percents) ? $percents[0] : implode(' + ', $percents);
    }

    /** @param list<string> $percents */
    private static function areAlike(array $percents): bool
    {
        return \count($percents) > 1 && 1 === \count(array_unique($percents));
    }

    /**
     * @param list<Pair>         $pairs
     * @param array<int, string> $given
     *
     * @return array{BigRational, Message}
     */
    private static function ofPairs(array $pairs, array $given): array
    {
        $prompts = $right = 0;
        foreach ($pairs as $place => $pair) {
            if ($pair->prompt->isEmpty()) {
                continue;
            }
            ++$prompts;
            $right += isset($given[$place]) && TypedAnswer::normal($given[$place]) === TypedAnswer::normal($pair->match) ? 1 : 0;
        }

        return [BigRational::ofFraction(100 * $right, max(1, $prompts)), Message::of('mark/pairs', right: $right, of: $prompts)];
    }

    /**
     * @param list<AcceptedNumber> $numbers
     *
     * @return array{BigRational, Message}
     */
    private static function ofNumber(array $numbers, string $typed): array
    {
        if (null === TypedAnswer::number($typed)) {
            return [BigRational::zero(), new Message('mark/no-number')];
        }
        $best = self::bestNumber($numbers, $typed);

        return null === $best ? self::whole(false) : [$best->weight->share(), Message::of('mark/in-range', accepted: $best->spelled(), percent: self::shown($best->weight->share()))];
    }

    /** @param list<AcceptedNumber> $numbers */
    private static function bestNumber(array $numbers, string $typed): ?AcceptedNumber
    {
        $value = TypedAnswer::number($typed);
        $best = null;
        foreach ($numbers as $number) {
            if (null !== $value && self::fits($value, $number) && (null === $best || $number->weight->isGreaterThan($best->weight))) {
                $best = $number;
            }
        }

        return $best;
    }

    private static function fits(BigDecimal $value, AcceptedNumber $number): bool
    {
        [$least, $most] = $number->isRange
            ? [BigDecimal::of($number->first), BigDecimal::of($number->second)]
            : [BigDecimal::of($number->first)->minus($number->second), BigDecimal::of($number->first)->plus($number->second)];

        return $value->isGreaterThanOrEqualTo($least) && $value->isLessThanOrEqualTo($most);
    }

    /**
     * @param list<AcceptedAnswer> $accepted
     *
     * @return array{BigRational, Message}
     */
    private static function ofText(array $accepted, string $typed): array
    {
        $best = self::bestText($accepted, $typed);

        return null === $best ? self::whole(false) : [$best->weight->share(), Message::of('mark/accepted', accepted: $best->text, percent: self::shown($best->weight->share()))];
    }

    /** @param list<AcceptedAnswer> $accepted */
    private static function bestText(array $accepted, string $typed): ?AcceptedAnswer
    {
        $form = TypedAnswer::heedsCase(array_map(static fn (AcceptedAnswer $one) => $one->text, $accepted)) ? TypedAnswer::normal(...) : TypedAnswer::folded(...);
        $best = null;
        foreach ($accepted as $one) {
            if ($form($one->text) === $form($typed) && (null === $best || $one->weight->isGreaterThan($best->weight))) {
                $best = $one;
            }
        }

        return $best;
    }

    /** Per cent with at most two decimals, thirds as such, with a true minus. */
    private static function shown(BigRational $percent): string
    {
        $of = $percent->abs();
        $whole = $of->toScale(0, RoundingMode::Down);
        $rest = $of->minus($whole);
        $shown = match (true) {
            $rest->isEqualTo(BigRational::ofFraction(1, 3)) => "{$whole}⅓",
            $rest->isEqualTo(BigRational::ofFraction(2, 3)) => "{$whole}⅔",
            default => (string) $of->toScale(2, RoundingMode::HalfUp)->strippedOfTrailingZeros(),
        };

        return ($percent->isNegative() ? '−' : '').$shown.' %';
    }
}
