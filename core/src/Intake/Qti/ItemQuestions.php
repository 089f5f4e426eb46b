<?php

declare(strict_types=1);

namespace Notagram\Intake\Qti;

use Brick\Math\BigDecimal;
use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use Notagram\Intake\Deadline;
use Notagram\Intake\UnreadableDocument;
use Notagram\Question\Answers;
use Notagram\Question\Choice;
use Notagram\Question\DerivedTitle;
use Notagram\Question\EachText;
use Notagram\Question\FormattedText;
use Notagram\Question\Gap;
use Notagram\Question\Question;
use Notagram\Question\ShortAnswer;
use Notagram\Question\Stimulus;
use Notagram\Source\Regex;
use Notagram\Source\Span;

/** Makes questions of an item: one of each of its fields, by trying what each answer earns and is told. One object reads one item. */
final class ItemQuestions
{
    private const DECIMALS = 5;
    /** Identifiers that stand for the hash of an item's text, or for an id that is no name. */
    private const DERIVED = '/\Ah[0-9a-f]{16}(?:-\d+)?\z/';
    private const ENCODED = '/\Aid-/';

    /** @var list<array{string, string}> what did not come along: the name of its note, and more of it */
    private array $left = [];
    /** @var array<string, true> the identifiers of the feedback that some answer is told */
    private array $told = [];
    private readonly Trial $trial;

    /** @param BigDecimal $times by which its points count in the test */
    private function __construct(private readonly Item $item, private readonly BigDecimal $times, Deadline $deadline)
    {
        $this->trial = new Trial($item->marks, $item->feedback, $deadline);
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
            return '' === $this->item->body ? [] : [$this->question(new Stimulus(), $this->item->body)];
        }
        $questions = [];
        foreach ($fields as $field) {
            if (FieldKind::Unknown === $field->kind) {
                $this->left[] = ['no-type', $field->type];
            } elseif (null !== $question = $this->ofField($field, \count($fields))) {
                $questions[] = $question;
            }
        }
        if ([] !== $questions && [] !== array_diff_key($this->item->feedback, $this->told)) {
            $this->left[] = ['feedback', ''];
        }

        return \count($questions) > 1 ? self::numbered($questions) : $questions;
    }

    /**
     * Several questions of one item share its title, and titles are told apart.
     *
     * @param list<Question> $questions
     *
     * @return list<Question>
     */
    private static function numbered(array $questions): array
    {
        return array_map(static fn (Question $question, int $place) => null === $question->title ? $question : $question->with(['title' => "{$question->title} (".($place + 1).')']), $questions, array_keys($questions));
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
        $best = $this->trial->bestOf($field);
        $most = $this->item->marks->most();
        $points = match (true) {
            null !== $most => $most->dividedBy($of),
            $best->isZero(), $this->item->isLegacy && $best->isEqualTo(100) => BigRational::one(),
            default => $best,
        };
        $answers = new FieldAnswers($field, $this->trial, $this->item->marks, $this->item->feedback, $this->scaleOf($best, $most, $of));
        $meant = $answers->answers($isGap);
        $this->told += $answers->toldSomewhere;
        if ($answers->wasAllOrNothing) {
            $this->left[] = ['all-or-nothing', ''];
        }
        if ($isGap && ($meant instanceof Choice || $meant instanceof ShortAnswer)) {
            [$before, $after] = [...Regex::split("/{$place}/", $body, 2), ''];
            $gap = new Gap(ltrim($before, ' '), rtrim($after, ' '), $meant);
            $question = $this->question($gap, $gap->before.Gap::RULE.$gap->after, $points, $answers->always);

            return $of > 1 && !$question->isMarked() ? $this->unanswerable() : $question;
        }
        $stem = Html::tidied(str_replace($place, '', $body));

        return $this->question($meant, implode('<br>', array_filter([$stem, $field->prompt], static fn (string $html) => '' !== $html)), $points, $answers->always);
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

    /** What the first right answer says, for a sentence that another gap of it is asked in. */
    private function rightOf(Field $field): string
    {
        if (FieldKind::Word === $field->kind) {
            $best = $this->trial->bestAnswer($field);

            return null === $best ? Gap::RULE : $field->options[$best] ?? Gap::RULE;
        }

        return \in_array($field->kind, [FieldKind::Text, FieldKind::Number], true) ? Html::ofWords($this->trial->bestAnswer($field) ?? Gap::RULE) : '';
    }

    /** @param array<string, string> $always what every answer is told */
    private function question(Answers $answers, string $stem, ?BigRational $points = null, array $always = []): Question
    {
        $points = $points?->multipliedBy($this->times)->toScale(self::DECIMALS, RoundingMode::HalfUp)->strippedOfTrailingZeros();
        $explanation = implode('<br>', $always);
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
