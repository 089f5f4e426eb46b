<?php

declare(strict_types=1);

namespace Notagram\Intake\Qti;

use Brick\Math\BigDecimal;
use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use Notagram\Intake\Deadline;
use Notagram\Intake\UnreadableDocument;
use Notagram\Notation\PaperWords;
use Notagram\Question\AcceptedAnswer;
use Notagram\Question\AcceptedNumber;
use Notagram\Question\Answers;
use Notagram\Question\Choice;
use Notagram\Question\DerivedTitle;
use Notagram\Question\EachText;
use Notagram\Question\Essay;
use Notagram\Question\EvenShares;
use Notagram\Question\FormattedText;
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
use Notagram\Question\Weight;
use Notagram\Source\Regex;
use Notagram\Source\Span;

/** Makes questions of an item: one of each of its fields, by trying what each answer earns and is told. One object reads one item. */
final class ItemQuestions
{
    private const DECIMALS = 5;
    /** An answer that nobody gives. */
    private const NOBODYS = "\u{F8F1}";
    /** Identifiers that stand for the hash of an item's text, or for an id that is no name. */
    private const DERIVED = '/\Ah[0-9a-f]{16}(?:-\d+)?\z/';
    private const ENCODED = '/\Aid-/';

    /** @var list<array{string, string}> what did not come along: the name of its note, and more of it */
    private array $left = [];
    /** What everything right comes to. */
    private BigRational $scale;
    /** @var array<string, string> what every answer is told */
    private array $always = [];

    /** @param BigDecimal $times by which its points count in the test */
    private function __construct(private readonly Item $item, private readonly BigDecimal $times, private readonly Deadline $deadline)
    {
        $this->scale = BigRational::one();
    }

    /**
     * What becomes of an item.
     *
     * @throws UnreadableDocument when the time is over
     */
    public static function of(Item $item, BigDecimal $times, Deadline $deadline): ItemReading
    {
        $reader = new self($item, $times, $deadline);
        $questions = $reader->questions();

        return new ItemReading($item, $questions, $reader->left);
    }

    /** @return list<Question> */
    private function questions(): array
    {
        $fields = $this->item->fields;
        if ([] === $fields) {
            return '' === $this->item->body ? [] : [$this->question(new Stimulus(), $this->item->body, null)];
        }
        $questions = [];
        foreach ($fields as $field) {
            if (FieldKind::Unknown === $field->kind) {
                $this->left[] = ['no-type', $field->type];
            } elseif (null !== $question = $this->ofField($field, \count($fields))) {
                $questions[] = $question;
            }
        }

        return $questions;
    }

    private function ofField(Field $field, int $of): ?Question
    {
        $place = Html::place($field->response);
        $isGap = $this->isGap($field, $place);
        $body = $this->item->body;
        foreach ($this->item->fields as $other) {
            if ($other !== $field) {
                $body = str_replace(Html::place($other->response), $isGap ? $this->rightOf($other) : '', $body);
            }
        }
        $best = $this->bestOf($field);
        $most = $this->item->marks->most();
        $points = match (true) {
            null !== $most => $most->dividedBy($of),
            $best->isZero(), $this->item->isLegacy && $best->isEqualTo(100) => BigRational::one(),
            default => $best,
        };
        $this->scale = $this->scaleOf($best, $most, $of);
        $this->always = $this->toldAlways($field);
        $answers = $this->answers($field, $isGap ? Regex::split("/{$place}/", $body, 2) : null);
        if ($answers instanceof Gap) {
            $stem = $answers->before.Gap::RULE.$answers->after;

            return $this->isAnswerable($answers) || 1 === $of ? $this->question($answers, $stem, $points) : $this->unanswerable();
        }
        $stem = Html::tidied(str_replace($place, '', $body));

        return $this->question($answers, implode('<br>', array_filter([$stem, $field->prompt], static fn (string $html) => '' !== $html)), $points);
    }

    /** Whether what is answered stands among the words of a sentence. Many items of 1.2 have a question and its field in one flow, so there must be words behind it too. */
    private function isGap(Field $field, string $place): bool
    {
        $body = $this->item->body;

        return match ($field->kind) {
            FieldKind::Word => true,
            FieldKind::Text, FieldKind::Number => !Html::isApart($body, $place) && (!$this->item->isLegacy || Html::isFollowed($body, $place)),
            FieldKind::OneOption => $this->item->isLegacy && !Html::isApart($body, $place) && Html::isFollowed($body, $place),
            default => false,
        };
    }

    private function scaleOf(BigRational $best, ?BigRational $most, int $of): BigRational
    {
        foreach ([$this->item->marks->scale(), $most] as $scale) {
            if (null !== $scale && $scale->isPositive()) {
                return 1 === $of ? $scale : ($best->isPositive() ? $best : $scale->dividedBy($of));
            }
        }

        return $best->isPositive() && (null === $most || !$most->isZero()) ? $best : BigRational::one();
    }

    private function unanswerable(): null
    {
        $this->left[] = ['no-answer', ''];

        return null;
    }

    private function isAnswerable(Gap $gap): bool
    {
        return [] !== ($gap->filler instanceof Choice ? array_filter($gap->filler->options, static fn (Option $option) => $option->isKey) : array_filter($gap->filler->accepted, static fn (AcceptedAnswer $one) => $one->weight->isAboveZero()));
    }

    /** @param ?array<int, string> $around the two halves of a sentence with a gap; null where there is none */
    private function answers(Field $field, ?array $around): Answers
    {
        $filler = match ($field->kind) {
            FieldKind::OneOption => $this->truth($field) ?? new Choice($this->options($field, false)),
            FieldKind::Word => new Choice($this->options($field, false)),
            FieldKind::SeveralOptions => new MultipleResponse($this->options($field, true)),
            FieldKind::Text => new ShortAnswer($this->accepted($field)),
            FieldKind::Number => null === $around ? new Numeric($this->numbers($field)) : new ShortAnswer($this->acceptedNumbers($field)),
            FieldKind::LongText => new Essay(),
            FieldKind::Pairs => new Matching($this->pairs($field)),
            FieldKind::Unknown => throw new \LogicException('What is not known has no answers.'),
        };

        return null !== $around && ($filler instanceof Choice || $filler instanceof ShortAnswer) ? new Gap(ltrim($around[0], ' '), rtrim($around[1] ?? '', ' '), $filler) : $filler;
    }

    private function truth(Field $field): ?TrueFalse
    {
        if (2 !== \count($field->options)) {
            return null;
        }
        $truths = [];
        $areOurs = ['A', 'B'] === array_keys($field->options);
        foreach ($field->options as $identifier => $html) {
            $truth = match (strtolower((string) $identifier)) {
                'true', 't' => true,
                'false', 'f' => false,
                default => $areOurs ? null : PaperWords::all()->truth(Html::plain($html)),
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
        $ofTrue = $this->earned([$field->response => [$true]]);
        $ofFalse = $this->earned([$field->response => [$false]]);
        $answer = match (true) {
            $ofTrue->isGreaterThan($ofFalse) => true,
            $ofFalse->isGreaterThan($ofTrue) => false,
            default => match ($this->item->marks->correct($field->response)[0] ?? null) {
                $true => true,
                $false => false,
                default => null,
            },
        };
        [$right, $wrong] = true === $answer ? [$true, $false] : [$false, $true];
        $told = fn (string $identifier): ?FormattedText => $this->told([$field->response => [$identifier]], $field->feedback[$identifier] ?? '');

        return new TrueFalse($answer, $told($wrong), $told($right));
    }

    /** @return list<Option> */
    private function options(Field $field, bool $areSeveral): array
    {
        $weights = $this->weights($field, $areSeveral);
        $best = [] === $weights ? Weight::none() : array_reduce($weights, static fn (Weight $best, Weight $one) => $one->isGreaterThan($best) ? $one : $best, Weight::none());
        $options = [];
        foreach ($field->options as $identifier => $html) {
            $weight = $weights[$identifier];
            $isKey = $weight->isAboveZero() && ($areSeveral || $weight->equals($best));
            $options[] = new Option(new FormattedText($html, FormattedText::HTML), $weight, $isKey, $this->told([$field->response => [(string) $identifier]], $field->feedback[$identifier] ?? ''), Span::nowhere(), 0);
        }

        return $options;
    }

    /** @return array<array-key, Weight> by the identifiers of the options */
    private function weights(Field $field, bool $areSeveral): array
    {
        $nothing = $areSeveral ? $this->earned([]) : BigRational::zero();
        $weights = [];
        foreach (array_keys($field->options) as $identifier) {
            $weights[$identifier] = $this->weight($this->earned([$field->response => [(string) $identifier]])->minus($nothing));
        }
        if ([] !== array_filter($weights, static fn (Weight $weight) => $weight->isAboveZero())) {
            return $weights;
        }
        $correct = $this->item->marks->correct($field->response);
        $isKey = array_map(static fn (int|string $identifier) => \in_array((string) $identifier, $correct, true), array_keys($field->options));
        if (!\in_array(true, $isKey, true)) {
            return $weights;
        }
        if ($areSeveral) {
            $this->left[] = ['all-or-nothing', ''];
        }

        return array_combine(array_keys($field->options), $areSeveral ? EvenShares::for($isKey) : array_map(static fn (bool $is) => $is ? Weight::full() : Weight::none(), $isKey));
    }

    /** @return list<AcceptedAnswer> */
    private function accepted(Field $field): array
    {
        $accepted = [];
        foreach ($this->item->marks->named($field->response) as $text) {
            $answer = [$field->response => [$text]];
            $weight = $this->weight($this->earned($answer));
            $feedback = $this->told($answer);
            if ('' !== $text && (!$weight->isZero() || null !== $feedback)) {
                $accepted[] = new AcceptedAnswer($text, $weight, $feedback, Span::nowhere());
            }
        }

        return [] === $accepted ? array_map(static fn (string $text) => new AcceptedAnswer($text, Weight::full(), null, Span::nowhere()), $this->item->marks->correct($field->response)) : $accepted;
    }

    /** @return list<AcceptedNumber> */
    private function numbers(Field $field): array
    {
        $marks = $this->item->marks;
        $middles = array_filter(array_map(Decimal::of(...), [...$marks->correct($field->response), ...$marks->named($field->response)]));
        $numbers = [];
        $stretches = $marks->ranges($field->response);
        foreach ($stretches as [$least, $greatest]) {
            [$weight, $feedback] = $this->within($field, $least, $greatest, $stretches);
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
    private function within(Field $field, string $least, string $greatest, array $stretches): array
    {
        $answer = [$field->response => [self::loneliest($least, $greatest, $stretches)]];
        $weight = $this->weight($this->earned($answer));
        // Where nothing says what it earns, what is right earns everything.
        $isSilent = $weight->isZero() && $this->bestOf($field)->isZero() && [] !== $this->item->marks->correct($field->response);

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
    private function acceptedNumbers(Field $field): array
    {
        return array_map(static fn (AcceptedNumber $one) => new AcceptedAnswer($one->first, $one->weight, $one->feedback, Span::nowhere()), $this->numbers($field));
    }

    /** @return list<Pair> */
    private function pairs(Field $field): array
    {
        $matches = array_keys($field->options);
        $right = [];
        foreach (array_keys($field->prompts) as $prompt) {
            $right[$prompt] = $this->matchOf($field, (string) $prompt);
        }
        // A match that goes with nothing stands where it stood among the others.
        $extra = array_values(array_diff(array_map(strval(...), $matches), array_filter($right, is_string(...))));
        $pairs = [];
        $places = array_flip(array_map(strval(...), $matches));
        foreach ($right as $prompt => $match) {
            while ([] !== $extra && null !== $match && $places[$extra[0]] < $places[$match]) {
                $pairs[] = self::pair('', $field->options[array_shift($extra)]);
            }
            $pairs[] = self::pair($field->prompts[$prompt], null === $match ? '' : $field->options[$match]);
        }

        return [...$pairs, ...array_map(static fn (string $match) => self::pair('', $field->options[$match]), $extra)];
    }

    private static function pair(string $prompt, string $match): Pair
    {
        return new Pair(new FormattedText($prompt, FormattedText::HTML), $match, Span::nowhere());
    }

    /** The identifier of the match that earns most; null where none does. */
    private function matchOf(Field $field, string $prompt): ?string
    {
        $candidates = '' === $field->response
            ? $this->item->marks->named($prompt)
            : array_map(static fn (string $pair) => explode(' ', $pair, 2)[1] ?? '', array_values(array_filter($this->item->marks->named($field->response), static fn (string $pair) => str_starts_with($pair, "{$prompt} "))));
        $best = null;
        $most = BigRational::zero();
        foreach ($candidates as $candidate) {
            $earned = $this->earned($field->paired($prompt, $candidate));
            if (isset($field->options[$candidate]) && $earned->isGreaterThan($most)) {
                $best = $candidate;
                $most = $earned;
            }
        }
        foreach (null === $best && '' !== $field->response ? $this->item->marks->correct($field->response) : [] as $pair) {
            [$of, $match] = [...Regex::split('/\s+/', $pair, 2), ''];
            $best = $of === $prompt && isset($field->options[$match]) ? $match : $best;
        }

        return $best;
    }

    /** What the first right answer says, for a sentence that another gap of it is asked in. */
    private function rightOf(Field $field): string
    {
        if (FieldKind::Word === $field->kind) {
            $best = $this->bestAnswer($field);

            return null === $best ? Gap::RULE : $field->options[$best] ?? Gap::RULE;
        }

        return \in_array($field->kind, [FieldKind::Text, FieldKind::Number], true) ? Html::ofWords($this->bestAnswer($field) ?? Gap::RULE) : '';
    }

    private function bestAnswer(Field $field): ?string
    {
        $best = $this->item->marks->correct($field->response)[0] ?? null;
        $most = BigRational::zero();
        foreach (FieldKind::Word === $field->kind ? array_map(strval(...), array_keys($field->options)) : $this->item->marks->named($field->response) as $answer) {
            $earned = $this->earned([$field->response => [$answer]]);
            if ($earned->isGreaterThan($most)) {
                $most = $earned;
                $best = $answer;
            }
        }

        return $best;
    }

    /** What the best answer to a field earns. */
    private function bestOf(Field $field): BigRational
    {
        return match ($field->kind) {
            FieldKind::OneOption, FieldKind::Word => $this->bestAmong($field, array_map(strval(...), array_keys($field->options))),
            FieldKind::SeveralOptions => $this->bestOfSeveral($field),
            FieldKind::Text => $this->bestAmong($field, $this->item->marks->named($field->response)),
            FieldKind::Number => $this->bestAmong($field, array_column($this->item->marks->ranges($field->response), 0)),
            FieldKind::Pairs => $this->bestOfPairs($field),
            FieldKind::LongText, FieldKind::Unknown => BigRational::zero(),
        };
    }

    /** @param list<string> $answers */
    private function bestAmong(Field $field, array $answers): BigRational
    {
        $best = BigRational::zero();
        foreach ($answers as $answer) {
            $best = BigRational::max($best, $this->earned([$field->response => [$answer]]));
        }

        return $best;
    }

    private function bestOfSeveral(Field $field): BigRational
    {
        $sum = BigRational::zero();
        foreach (array_keys($field->options) as $option) {
            $earned = $this->earned([$field->response => [(string) $option]]);
            $sum = $earned->isPositive() ? $sum->plus($earned) : $sum;
        }

        return BigRational::max($sum, $this->earned([$field->response => $this->item->marks->correct($field->response)]));
    }

    private function bestOfPairs(Field $field): BigRational
    {
        $answers = [];
        foreach (array_keys($field->prompts) as $prompt) {
            $match = $this->matchOf($field, (string) $prompt);
            foreach (null === $match ? [] : $field->paired((string) $prompt, $match) as $response => $values) {
                $answers[$response] = [...$answers[$response] ?? [], ...$values];
            }
        }

        return $this->earned($answers);
    }

    /** @param array<string, list<string>> $answers */
    private function earned(array $answers): BigRational
    {
        $this->deadline->check();

        return $this->item->marks->earned($answers);
    }

    private function weight(BigRational $earned): Weight
    {
        $percent = $earned->multipliedBy(100)->dividedBy($this->scale);

        return Weight::of((string) $percent->toScale(self::DECIMALS, RoundingMode::HalfUp)->strippedOfTrailingZeros());
    }

    /**
     * @param array<string, list<string>> $answers
     *
     * @return array<string, string>
     */
    private function shown(array $answers): array
    {
        return array_intersect_key($this->item->feedback, array_flip($this->item->marks->shown($answers)));
    }

    /** @return array<string, string> what is told whatever is answered: the explanation */
    private function toldAlways(Field $field): array
    {
        $answers = FieldKind::Pairs === $field->kind ? [[]] : array_map(static fn (string $answer) => [$field->response => [$answer]], [self::NOBODYS, ...array_map(strval(...), array_keys($field->options)), ...$this->item->marks->named($field->response)]);
        $always = $this->item->feedback;
        foreach ($answers as $answer) {
            $always = array_intersect_key($always, $this->shown($answer));
        }

        return $always;
    }

    /** @param array<string, list<string>> $answers */
    private function told(array $answers, string $within = ''): ?FormattedText
    {
        $told = array_filter([$within, ...array_values(array_diff_key($this->shown($answers), $this->always))], static fn (string $html) => '' !== $html);

        return [] === $told ? null : new FormattedText(implode('<br>', $told), FormattedText::HTML);
    }

    private function question(Answers $answers, string $stem, ?BigRational $points): Question
    {
        $points = $points?->multipliedBy($this->times)->toScale(self::DECIMALS, RoundingMode::HalfUp)->strippedOfTrailingZeros();
        $explanation = implode('<br>', $this->always);
        $question = self::withoutNeedlessFormat(new Question(
            $answers,
            new FormattedText($stem, FormattedText::HTML),
            Span::nowhere(),
            null,
            '' === $explanation ? null : new FormattedText($explanation, FormattedText::HTML),
            null === $points || $points->isEqualTo(1) || $points->isNegative() || $answers instanceof Stimulus ? null : (string) $points,
            [],
            $this->id(),
        ));
        $title = trim(Regex::replace('/\s++/u', ' ', $this->item->title));

        return $question->with(['title' => '' === $title || $title === DerivedTitle::of($question) || $title === $this->item->identifier ? null : $title]);
    }

    /** An identifier that stands for no id says nothing, and that of several questions is none of theirs. */
    private function id(): ?string
    {
        $identifier = $this->item->identifier;

        return match (true) {
            '' === $identifier, \count($this->item->fields) > 1, Regex::match(self::DERIVED, $identifier) => null,
            Regex::match(self::ENCODED, $identifier) => Regex::replaceBy('/_([0-9A-F]{2})/', static fn (array $match) => (string) hex2bin($match[1]), substr($identifier, 3)),
            default => $identifier,
        };
    }

    /** Where no text has any markup, none needs a format. */
    private static function withoutNeedlessFormat(Question $question): Question
    {
        $isPlain = true;
        EachText::replaced($question, static function (FormattedText $text) use (&$isPlain): FormattedText {
            $isPlain = $isPlain && Html::isPlain($text->text);

            return $text;
        });

        return $isPlain ? EachText::replaced($question, static fn (FormattedText $text) => new FormattedText(Html::plain($text->text))) : $question;
    }
}
