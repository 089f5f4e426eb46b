<?php

declare(strict_types=1);

namespace Notagram\Question;

use Notagram\Source\Regex;
use Notagram\Source\Span;

/**
 * One assessable unit, as its author means it; how a notation spells it is that notation's affair.
 *
 * Spans within it are relative to the block it was read from.
 */
final readonly class Question
{
    /** The tag of a question that nobody has read yet. */
    public const DRAFT = 'draft';

    /**
     * @param Span         $stemSpan where the stem stands, without blanks around it
     * @param ?string      $points   a decimal as written, null where none was set (then it is worth one)
     * @param list<string> $comments the author's notes above or in the question, without their marks
     * @param list<string> $tags
     */
    public function __construct(
        public Answers $answers,
        public FormattedText $stem,
        public Span $stemSpan,
        public ?string $title = null,
        public ?FormattedText $explanation = null,
        public ?string $points = null,
        public array $comments = [],
        public ?string $id = null,
        public array $tags = [],
    ) {
    }

    /** @param array<string, mixed> $changes by the names of its properties */
    public function with(array $changes): self
    {
        // @phpstan-ignore argument.type (the properties are its parameters)
        return new self(...[...get_object_vars($this), ...$changes]);
    }

    public function isDraft(): bool
    {
        return \in_array(self::DRAFT, $this->tags, true);
    }

    /** With the mark of a draft, in a comment of its own. */
    public function asDraft(): self
    {
        return $this->isDraft() ? $this : $this->with(['comments' => [...$this->comments, '[tag:'.self::DRAFT.']'], 'tags' => [...$this->tags, self::DRAFT]]);
    }

    /**
     * The comments that say something: points, ids and tags may have been written as comments, and have their own places.
     *
     * @return list<string>
     */
    public function notes(): array
    {
        return array_values(array_filter($this->comments, static fn (string $comment) => '' !== trim(Regex::replace('/\([\d.]+ points?\)|\[(?:id|tag):[^\]]*+\]/', '', $comment))));
    }

    public function type(): QuestionType
    {
        return $this->answers->type();
    }

    /**
     * What a pupil picks from: the options of a choice, of several answers, or of a chosen gap; empty for other types.
     *
     * @return list<Option>
     */
    public function options(): array
    {
        $answers = $this->answers instanceof Gap ? $this->answers->filler : $this->answers;

        return $answers instanceof Choice || $answers instanceof MultipleResponse ? $answers->options : [];
    }

    /**
     * What counts as right when a pupil types: of a typed answer or a typed gap; empty for other types.
     *
     * @return list<AcceptedAnswer>
     */
    public function accepted(): array
    {
        $answers = $this->answers instanceof Gap ? $this->answers->filler : $this->answers;

        return $answers instanceof ShortAnswer ? $answers->accepted : [];
    }

    /**
     * What earns a share of the points each: options, accepted answers or numbers; empty for other types.
     *
     * @return list<Option>|list<AcceptedAnswer>|list<AcceptedNumber>
     */
    public function weighted(): array
    {
        $options = $this->options();

        return match (true) {
            $this->answers instanceof Numeric => $this->answers->numbers,
            [] !== $options => $options,
            default => $this->accepted(),
        };
    }

    /** Whether pupils are told something to one of the answers. */
    public function hasFeedback(): bool
    {
        $answers = $this->answers;
        if ($answers instanceof TrueFalse) {
            return null !== $answers->feedbackWhenRight || null !== $answers->feedbackWhenWrong;
        }
        foreach ($this->weighted() as $one) {
            if (null !== $one->feedback) {
                return true;
            }
        }

        return false;
    }

    /** Whether something earns a pupil points, or nothing can: an essay, pairs, a text without an answer. */
    public function isMarked(): bool
    {
        $answers = $this->answers instanceof Gap ? $this->answers->filler : $this->answers;

        return match (true) {
            $answers instanceof Choice, $answers instanceof MultipleResponse => [] !== array_filter($answers->options, static fn (Option $option) => $option->isKey),
            $answers instanceof TrueFalse => null !== $answers->answer,
            $answers instanceof ShortAnswer => [] !== array_filter($answers->accepted, static fn (AcceptedAnswer $one) => $one->weight->isAboveZero()),
            $answers instanceof Numeric => [] !== array_filter($answers->numbers, static fn (AcceptedNumber $one) => $one->weight->isAboveZero()),
            default => true,
        };
    }
}
