<?php

declare(strict_types=1);

namespace Notagram\Intake\Json;

use Notagram\Question\AcceptedAnswer;
use Notagram\Question\AcceptedNumber;
use Notagram\Question\Answers;
use Notagram\Question\Choice;
use Notagram\Question\Essay;
use Notagram\Question\FormattedText;
use Notagram\Question\Gap;
use Notagram\Question\Matching;
use Notagram\Question\MultipleResponse;
use Notagram\Question\Numeric;
use Notagram\Question\Option;
use Notagram\Question\Pair;
use Notagram\Question\Question;
use Notagram\Question\QuestionType;
use Notagram\Question\ShortAnswer;
use Notagram\Question\Stimulus;
use Notagram\Question\TrueFalse;
use Notagram\Question\Weight;
use Notagram\Source\Regex;
use Notagram\Source\Span;

/** Makes a question of its JSON. One object reads one question. */
final readonly class QuestionFromJson
{
    private const EXACT = '~^-?\d{1,40}(?:\.\d{1,40})?(?:/[1-9]\d{0,39})?\z~';
    private const NUMBER = '~^-?(?:\d{1,60}(?:\.\d{0,60})?|\.\d{1,60})(?:[eE][+-]?\d{1,3})?\z~';

    private string $stemFormat;

    private function __construct(private JsonPart $json)
    {
        $this->stemFormat = $json->part('stemFormat')->text();
    }

    public static function of(JsonPart $json): Question
    {
        return (new self($json))->question();
    }

    private function question(): Question
    {
        $json = $this->json;
        $points = $json->part('points');
        $answers = $this->answers(QuestionType::tryFrom($json->part('type')->text()) ?? throw $json->wrong('type'));

        return new Question(
            $answers,
            new FormattedText($json->part('stem')->text(), $this->stemFormat),
            Span::nowhere(),
            $json->optional('title')?->text(),
            $this->formatted($json->optional('explanation'), 'explanation'),
            // One point is what a question is worth that says nothing.
            1 === $points->value ? null : (\is_int($points->value) ? (string) $points->value : $this->exact($points)),
            array_map(static fn (JsonPart $one) => $one->text(), $json->optional('comments')?->parts() ?? []),
            $json->optional('id')?->text(),
            array_map(static fn (JsonPart $one) => $one->text(), $json->optional('tags')?->parts() ?? []),
        );
    }

    private function answers(QuestionType $type): Answers
    {
        $json = $this->json;

        return match ($type) {
            QuestionType::Choice => new Choice($this->options()),
            QuestionType::MultipleResponse => new MultipleResponse($this->options()),
            QuestionType::ShortAnswer => new ShortAnswer($this->accepted()),
            QuestionType::TrueFalse => new TrueFalse($json->optional('answer')?->truth(), $this->formatted($json->optional('feedbackWhenWrong'), 'feedbackWhenWrong'), $this->formatted($json->optional('feedbackWhenRight'), 'feedbackWhenRight')),
            QuestionType::Numeric => new Numeric(array_map($this->number(...), $json->part('numbers')->parts(), array_keys($json->part('numbers')->parts()))),
            QuestionType::Matching => new Matching(array_map(fn (JsonPart $pair, int $index) => new Pair($this->text($pair->part('prompt'), "pairs/{$index}"), $pair->part('match')->text(), Span::nowhere()), $json->part('pairs')->parts(), array_keys($json->part('pairs')->parts()))),
            QuestionType::Gap => new Gap($json->part('gapAt')->part('before')->text(), $json->part('gapAt')->part('after')->text(), null === $json->optional('options') ? new ShortAnswer($this->accepted()) : new Choice($this->options())),
            QuestionType::Essay => new Essay(),
            QuestionType::Stimulus => new Stimulus(),
        };
    }

    /** @return list<Option> */
    private function options(): array
    {
        $options = [];
        foreach ($this->json->part('options')->parts() as $index => $option) {
            $options[] = new Option($this->text($option->part('text'), "options/{$index}"), $this->weight($option), $option->part('key')->truth(), $this->formatted($option->optional('feedback'), "options/{$index}/feedback"), Span::nowhere(), 0);
        }

        return $options;
    }

    /** @return list<AcceptedAnswer> */
    private function accepted(): array
    {
        $accepted = [];
        foreach ($this->json->part('accepted')->parts() as $index => $one) {
            $accepted[] = new AcceptedAnswer($one->part('text')->text(), $this->weight($one), $this->formatted($one->optional('feedback'), "accepted/{$index}/feedback"), Span::nowhere());
        }

        return $accepted;
    }

    private function number(JsonPart $one, int $index): AcceptedNumber
    {
        $decimal = static fn (string $name): string => Regex::match(self::NUMBER, $one->part($name)->text()) ? $one->part($name)->text() : throw $one->wrong($name);
        $feedback = $this->formatted($one->optional('feedback'), "numbers/{$index}/feedback");

        return null === $one->optional('min')
            ? AcceptedNumber::near($decimal('value'), $decimal('tolerance'), $this->weight($one), $feedback, Span::nowhere())
            : AcceptedNumber::between($decimal('min'), $decimal('max'), $this->weight($one), $feedback, Span::nowhere());
    }

    private function weight(JsonPart $of): Weight
    {
        return Weight::of($this->exact($of->part('weight')));
    }

    private function exact(JsonPart $part): string
    {
        return Regex::match(self::EXACT, $part->text()) ? $part->text() : throw $part->wrong();
    }

    private function formatted(?JsonPart $text, string $place): ?FormattedText
    {
        return null === $text ? null : $this->text($text, $place);
    }

    private function text(JsonPart $text, string $place): FormattedText
    {
        return new FormattedText($text->text(), $this->json->optional('formats')?->optional($place)?->text() ?? $this->stemFormat);
    }
}
