<?php

declare(strict_types=1);

namespace Notagram\Writing\Change;

use Notagram\Message\Message;
use Notagram\Notation\Part;
use Notagram\Question\AcceptedAnswer;
use Notagram\Question\Choice;
use Notagram\Question\Essay;
use Notagram\Question\FormattedText;
use Notagram\Question\MultipleResponse;
use Notagram\Question\Option;
use Notagram\Question\Question;
use Notagram\Question\QuestionType;
use Notagram\Question\ShortAnswer;
use Notagram\Question\TrueFalse;
use Notagram\Question\Weight;
use Notagram\Source\Span;
use Notagram\Writing\CannotAmend;
use Notagram\Writing\Entries;
use Notagram\Writing\QuestionChange;

/** Another type of question, with what of the answers it can keep. */
final readonly class SetType implements QuestionChange
{
    public function __construct(public QuestionType $type)
    {
    }

    /** @return list<QuestionType> which types a question can become */
    public static function from(Question $question): array
    {
        $types = match ($question->type()) {
            QuestionType::Choice => [QuestionType::MultipleResponse, QuestionType::ShortAnswer],
            QuestionType::MultipleResponse => [QuestionType::Choice, QuestionType::ShortAnswer],
            QuestionType::ShortAnswer, QuestionType::TrueFalse => [QuestionType::Choice],
            default => [],
        };

        return QuestionType::Essay === $question->type() ? $types : [...$types, QuestionType::Essay];
    }

    public function part(): ?Part
    {
        return null;
    }

    public function on(Question $question, bool $sharesAlone): Question
    {
        if ($question->type() === $this->type) {
            return $question;
        }
        if (!\in_array($this->type, self::from($question), true)) {
            throw CannotAmend::because('type', from: new Message('type/'.$question->type()->value), to: new Message('type/'.$this->type->value));
        }

        return $question->with(['answers' => match ($this->type) {
            QuestionType::Essay => new Essay(),
            QuestionType::MultipleResponse => new MultipleResponse(Entries::shared($question->options())),
            QuestionType::ShortAnswer => new ShortAnswer(array_map(static fn (Option $option) => new AcceptedAnswer($option->text->text, Weight::full(), $option->feedback, Span::nowhere()), self::rights($question->options()))),
            default => self::choice($question),
        }]);
    }

    private static function choice(Question $question): Choice|MultipleResponse
    {
        $answers = $question->answers;
        if ($answers instanceof TrueFalse) {
            $option = static fn (bool $is): Option => new Option(
                new FormattedText($is ? 'True' : 'False', $question->stem->format),
                $is === $answers->answer ? Weight::full() : Weight::none(),
                $is === $answers->answer,
                $is === $answers->answer ? $answers->feedbackWhenRight : $answers->feedbackWhenWrong,
                Span::nowhere(),
                0,
            );

            return new Choice([$option(true), $option(false)]);
        }
        if ($answers instanceof ShortAnswer) {
            $options = array_map(static fn (AcceptedAnswer $one) => new Option(new FormattedText($one->text, $question->stem->format), Weight::full(), true, $one->feedback, Span::nowhere(), 0), $answers->accepted);

            return \count($options) > 1 ? new MultipleResponse(Entries::shared($options)) : new Choice($options);
        }
        $first = self::rights($question->options())[0] ?? null;

        return new Choice(array_map(static fn (Option $option) => Entries::weighed($option, $option === $first ? Weight::full() : Weight::none(), $option === $first), $question->options()));
    }

    /**
     * @param list<Option> $options
     *
     * @return list<Option>
     */
    private static function rights(array $options): array
    {
        return array_values(array_filter($options, static fn (Option $option) => $option->isKey));
    }

    /** @return list<Message> what does not come along */
    public function losses(Question $question): array
    {
        $options = $question->options();
        $rights = \count(self::rights($options));
        $answers = $question->answers;
        $hasFeedback = [] !== array_filter($options, static fn (Option $option) => null !== $option->feedback && !$option->isKey);
        $isWeighed = $answers instanceof Choice && [] !== array_filter($options, static fn (Option $option) => !$option->weight->equals($option->isKey ? Weight::full() : Weight::none()));
        $losses = [];
        if (QuestionType::Essay === $this->type && QuestionType::Stimulus !== $question->type()) {
            $losses[] = 'answers';
        } elseif (QuestionType::ShortAnswer === $this->type) {
            $losses = [...(\count($options) > $rights ? ['wrong-options'] : []), ...($hasFeedback ? ['feedback'] : []), ...($isWeighed ? ['weights'] : [])];
        } elseif (QuestionType::Choice === $this->type && $answers instanceof MultipleResponse) {
            $losses = $rights > 1 ? ['keys', 'weights'] : ['weights'];
        } elseif (QuestionType::Choice === $this->type && $answers instanceof ShortAnswer) {
            $losses = [] !== array_filter($answers->accepted, static fn (AcceptedAnswer $one) => !$one->weight->equals(Weight::full())) ? ['weights'] : [];
        } elseif ($isWeighed) {
            $losses = ['weights'];
        }

        return array_map(static fn (string $loss) => new Message('amend/lost/'.$loss), $losses);
    }
}
