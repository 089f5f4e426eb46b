<?php

declare(strict_types=1);

namespace Notagram\Intake\Qti;

use Brick\Math\BigDecimal;
use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use Notagram\Notation\PaperWords;
use Notagram\Question\AcceptedAnswer;
use Notagram\Question\AcceptedNumber;
use Notagram\Question\Answers;
use Notagram\Question\Choice;
use Notagram\Question\Essay;
use Notagram\Question\EvenShares;
use Notagram\Question\FormattedText;
use Notagram\Question\Gap;
use Notagram\Question\Matching;
use Notagram\Question\MultipleResponse;
use Notagram\Question\Numeric;
use Notagram\Question\Option;
use Notagram\Question\Pair;
use Notagram\Question\ShortAnswer;
use Notagram\Question\TrueFalse;
use Notagram\Question\Weight;
use Notagram\Source\Span;

/** The answers of one field, each with what it earns and what is said to it. One object makes those of one field. */
final class FieldAnswers
{
    private const DECIMALS = 5;
    /** An answer that nobody gives. */
    private const NOBODYS = "\u{F8F1}";

    /** @var array<string, string> what every answer is told: the explanation */
    public readonly array $always;
    /** @var array<string, true> the feedback that some answer is told */
    public array $toldSomewhere;
    /** Whether several answers are right that earn nothing one by one. */
    public bool $wasAllOrNothing = false;

    /**
     * @param array<string, string> $feedback of the item
     * @param BigRational           $scale    what everything right comes to
     */
    public function __construct(private readonly Field $field, private readonly Trial $trial, private readonly Marks $marks, private readonly array $feedback, private readonly BigRational $scale)
    {
        $this->always = $this->toldAlways();
        $this->toldSomewhere = array_fill_keys(array_keys($this->always), true);
    }

    /** @param bool $isGap whether they go into a sentence, where a number is a word */
    public function answers(bool $isGap): Answers
    {
        return match ($this->field->kind) {
            FieldKind::OneOption => $this->truth() ?? new Choice($this->options(false)),
            FieldKind::Word => new Choice($this->options(false)),
            FieldKind::SeveralOptions => new MultipleResponse($this->options(true)),
            FieldKind::Text => new ShortAnswer($this->accepted()),
            FieldKind::Number => $isGap ? new ShortAnswer($this->acceptedNumbers()) : new Numeric($this->numbers()),
            FieldKind::LongText => new Essay(),
            FieldKind::Pairs => new Matching($this->pairs()),
            FieldKind::Unknown => throw new \LogicException('What is not known has no answers.'),
        };
    }

    private function truth(): ?TrueFalse
    {
        if (2 !== \count($this->field->options)) {
            return null;
        }
        $truths = [];
        foreach ($this->field->options as $identifier => $html) {
            $truth = match (strtolower((string) $identifier)) {
                'true' => true,
                'false' => false,
                default => self::truthOf(Html::plain($html)),
            };
            if (null === $truth) {
                return null;
            }
            $truths[$truth ? 'true' : 'false'] = (string) $identifier;
        }
        $true = $truths['true'] ?? null;
        $false = $truths['false'] ?? null;
        if (null === $true || null === $false) {
            return null;
        }
        $ofTrue = $this->trial->earned([$this->field->response => [$true]]);
        $ofFalse = $this->trial->earned([$this->field->response => [$false]]);
        if (!BigRational::min($ofTrue, $ofFalse)->isZero()) {
            // A statement takes nothing back.
            return null;
        }
        $answer = match (true) {
            $ofTrue->isGreaterThan($ofFalse) => true,
            $ofFalse->isGreaterThan($ofTrue) => false,
            default => match ($this->marks->correct($this->field->response)[0] ?? null) {
                $true => true,
                $false => false,
                default => null,
            },
        };
        [$right, $wrong] = true === $answer ? [$true, $false] : [$false, $true];
        $told = fn (string $identifier): ?FormattedText => $this->told([$this->field->response => [$identifier]], $this->field->feedback[$identifier] ?? '');

        return new TrueFalse($answer, $told($wrong), $told($right));
    }

    /** A letter may stand for anything. */
    private static function truthOf(string $text): ?bool
    {
        return 1 === mb_strlen($text, 'UTF-8') ? null : PaperWords::all()->truth($text);
    }

    /** @return list<Option> */
    private function options(bool $areSeveral): array
    {
        $weights = $this->weights($areSeveral);
        $best = [] === $weights ? Weight::none() : array_reduce($weights, static fn (Weight $best, Weight $one) => $one->isGreaterThan($best) ? $one : $best, Weight::none());
        $options = [];
        foreach ($this->field->options as $identifier => $html) {
            $weight = $weights[$identifier];
            $isKey = $weight->isAboveZero() && ($areSeveral || $weight->equals($best));
            $options[] = new Option(new FormattedText($html, FormattedText::HTML), $weight, $isKey, $this->told([$this->field->response => [(string) $identifier]], $this->field->feedback[$identifier] ?? ''), Span::nowhere(), 0);
        }

        return $options;
    }

    /** @return array<array-key, Weight> by the identifiers of the options */
    private function weights(bool $areSeveral): array
    {
        $nothing = $areSeveral ? $this->trial->earned([]) : BigRational::zero();
        $weights = [];
        foreach (array_keys($this->field->options) as $identifier) {
            $weights[$identifier] = $this->weight($this->trial->earned([$this->field->response => [(string) $identifier]])->minus($nothing));
        }
        if ([] !== array_filter($weights, static fn (Weight $weight) => $weight->isAboveZero())) {
            return $areSeveral ? self::asShares(self::asShares($weights, true), false) : $weights;
        }
        $correct = $this->marks->correct($this->field->response);
        $isKey = array_map(static fn (int|string $identifier) => \in_array((string) $identifier, $correct, true), array_keys($this->field->options));
        if (!\in_array(true, $isKey, true)) {
            return $weights;
        }
        if ($areSeveral) {
            $this->wasAllOrNothing = true;
        }

        return array_combine(array_keys($this->field->options), $areSeveral ? EvenShares::for($isKey) : array_map(static fn (bool $is) => $is ? Weight::full() : Weight::none(), $isKey));
    }

    /**
     * What is earned, or taken back, in even shares of the whole that were rounded is in the exact ones.
     *
     * @param array<array-key, Weight> $weights
     *
     * @return array<array-key, Weight>
     */
    private static function asShares(array $weights, bool $areEarned): array
    {
        $ones = array_filter($weights, static fn (Weight $weight) => $areEarned ? $weight->isAboveZero() : $weight->percent()->isNegative());
        $first = reset($ones);
        if (false === $first || [] !== array_filter($ones, static fn (Weight $one) => !$one->equals($first)) || !RoundedShares::isPartOf(BigRational::of(100), $first->percent(), \count($ones))) {
            return $weights;
        }
        $isKey = array_map(static fn (int|string $identifier) => isset($ones[$identifier]), array_keys($weights));

        return array_combine(array_keys($weights), array_map(
            static fn (bool $isOne, Weight $weight, Weight $share) => $isOne ? ($areEarned ? $share : Weight::exactly($share->percent()->negated())) : $weight,
            $isKey,
            $weights,
            EvenShares::for($isKey),
        ));
    }

    /** @return list<AcceptedAnswer> */
    private function accepted(): array
    {
        $accepted = [];
        foreach ($this->marks->named($this->field->response) as $text) {
            $answer = [$this->field->response => [$text]];
            $weight = $this->weight($this->trial->earned($answer));
            $feedback = $this->told($answer);
            if ('' !== $text && (!$weight->isZero() || null !== $feedback)) {
                $accepted[] = new AcceptedAnswer($text, $weight, $feedback, Span::nowhere());
            }
        }

        return [] === $accepted ? array_map(static fn (string $text) => new AcceptedAnswer($text, Weight::full(), null, Span::nowhere()), $this->marks->correct($this->field->response)) : $accepted;
    }

    /** @return list<AcceptedNumber> */
    private function numbers(): array
    {
        $marks = $this->marks;
        $middles = array_filter(array_map(Decimal::of(...), [...$marks->correct($this->field->response), ...$marks->named($this->field->response)]));
        $numbers = [];
        $stretches = $marks->ranges($this->field->response);
        foreach ($stretches as [$least, $greatest]) {
            [$weight, $feedback] = $this->within($least, $greatest, $stretches);
            $half = BigDecimal::of($greatest)->minus($least)->dividedByExact(2);
            $middle = $half->plus($least);
            $numbers[] = match (true) {
                $half->isZero() => AcceptedNumber::near($least, '0', $weight, $feedback, Span::nowhere()),
                [] !== array_filter($middles, static fn (BigDecimal $one) => $one->isEqualTo($middle)) => AcceptedNumber::near(Decimal::spelled($middle), Decimal::spelled($half), $weight, $feedback, Span::nowhere()),
                default => AcceptedNumber::between($least, $greatest, $weight, $feedback, Span::nowhere()),
            };
        }

        return $numbers;
    }

    /**
     * What is earned and told within a stretch, where as few others as can be lie over it.
     *
     * @param list<array{string, string}> $stretches all of them
     *
     * @return array{Weight, ?FormattedText}
     */
    private function within(string $least, string $greatest, array $stretches): array
    {
        $answer = [$this->field->response => [self::loneliest($least, $greatest, $stretches)]];
        $weight = $this->weight($this->trial->earned($answer));
        // Where nothing says what it earns, what is right earns everything.
        $isSilent = $weight->isZero() && $this->trial->bestOf($this->field)->isZero() && [] !== $this->marks->correct($this->field->response);

        return [$isSilent ? Weight::full() : $weight, $this->told($answer)];
    }

    /**
     * A number of a stretch that lies in as few others as can be.
     *
     * @param list<array{string, string}> $stretches
     */
    private static function loneliest(string $least, string $greatest, array $stretches): string
    {
        $edges = [$least, $greatest];
        foreach ($stretches as $stretch) {
            array_push($edges, ...array_filter($stretch, static fn (string $edge) => BigDecimal::of($edge)->isGreaterThan($least) && BigDecimal::of($edge)->isLessThan($greatest)));
        }
        usort($edges, static fn (string $one, string $other) => BigDecimal::of($one)->compareTo($other));
        $fewest = \PHP_INT_MAX;
        $loneliest = $least;
        foreach ($edges as $place => $edge) {
            foreach ([$edge, Decimal::spelled(BigDecimal::of($edge)->plus($edges[$place + 1] ?? $edge)->dividedByExact(2))] as $number) {
                $others = \count(array_filter($stretches, static fn (array $stretch) => BigDecimal::of($number)->isGreaterThanOrEqualTo($stretch[0]) && BigDecimal::of($number)->isLessThanOrEqualTo($stretch[1])));
                if ($others < $fewest) {
                    $fewest = $others;
                    $loneliest = $number;
                }
            }
        }

        return $loneliest;
    }

    /**
     * Numbers in a gap are typed as they are written: a gap has no tolerance.
     *
     * @return list<AcceptedAnswer>
     */
    private function acceptedNumbers(): array
    {
        return array_map(static fn (AcceptedNumber $one) => new AcceptedAnswer($one->first, $one->weight, $one->feedback, Span::nowhere()), $this->numbers());
    }

    /** @return list<Pair> */
    private function pairs(): array
    {
        $matches = array_keys($this->field->options);
        $right = [];
        foreach (array_keys($this->field->prompts) as $prompt) {
            $right[$prompt] = $this->trial->matchOf($this->field, (string) $prompt);
        }
        // A match that goes with nothing stands where it stood among the others.
        $extra = array_values(array_diff(array_map(strval(...), $matches), array_filter($right, is_string(...))));
        $pairs = [];
        $places = array_flip(array_map(strval(...), $matches));
        foreach ($right as $prompt => $match) {
            while ([] !== $extra && null !== $match && $places[$extra[0]] < $places[$match]) {
                $pairs[] = self::pair('', $this->field->options[array_shift($extra)]);
            }
            $pairs[] = self::pair($this->field->prompts[$prompt], null === $match ? '' : $this->field->options[$match]);
        }

        return [...$pairs, ...array_map(fn (string $match) => self::pair('', $this->field->options[$match]), $extra)];
    }

    private static function pair(string $prompt, string $match): Pair
    {
        return new Pair(new FormattedText($prompt, FormattedText::HTML), $match, Span::nowhere());
    }

    private function weight(BigRational $earned): Weight
    {
        $percent = $earned->multipliedBy(100)->dividedBy($this->scale);

        return Weight::of((string) $percent->toScale(self::DECIMALS, RoundingMode::HalfUp)->strippedOfTrailingZeros());
    }

    /** @return array<string, string> what is told whatever is answered: the explanation */
    private function toldAlways(): array
    {
        $answers = FieldKind::Pairs === $this->field->kind ? [[]] : array_map(fn (string $answer) => [$this->field->response => [$answer]], [self::NOBODYS, ...array_map(strval(...), array_keys($this->field->options)), ...$this->marks->named($this->field->response)]);
        $always = $this->feedback;
        foreach ($answers as $answer) {
            $always = array_intersect_key($always, $this->trial->shown($answer));
        }

        return $always;
    }

    /** @param array<string, list<string>> $answers */
    private function told(array $answers, string $within = ''): ?FormattedText
    {
        $shown = array_diff_key($this->trial->shown($answers), $this->always);
        $this->toldSomewhere += array_fill_keys(array_keys($shown), true);
        $told = array_filter([$within, ...array_values($shown)], static fn (string $html) => '' !== $html);

        return [] === $told ? null : new FormattedText(implode('<br>', $told), FormattedText::HTML);
    }
}
