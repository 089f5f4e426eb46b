<?php

declare(strict_types=1);

namespace Notagram\Question;

/** Goes through all texts of a question that a pupil reads. */
final readonly class EachText
{
    /** @param \Closure(FormattedText): FormattedText $with */
    private function __construct(private \Closure $with, private string $format)
    {
    }

    /**
     * The question with another text in the place of each. What a pupil types, titles and notes stay.
     *
     * @param \Closure(FormattedText): FormattedText $with
     */
    public static function replaced(Question $question, \Closure $with): Question
    {
        $each = new self($with, $question->stem->format);

        return $question->with(['stem' => $with($question->stem), 'explanation' => $each->optional($question->explanation), 'answers' => $each->answers($question->answers)]);
    }

    private function answers(Answers $answers): Answers
    {
        return match (true) {
            $answers instanceof Choice, $answers instanceof MultipleResponse, $answers instanceof ShortAnswer => $this->filler($answers),
            $answers instanceof TrueFalse => new TrueFalse($answers->answer, $this->optional($answers->feedbackWhenWrong), $this->optional($answers->feedbackWhenRight)),
            $answers instanceof Numeric => new Numeric(array_map(fn (AcceptedNumber $one) => $one->withFeedback($this->optional($one->feedback)), $answers->numbers)),
            $answers instanceof Matching => new Matching(array_map(fn (Pair $pair) => new Pair(($this->with)($pair->prompt), $this->plain($pair->match, FormattedText::AUTO), $pair->span), $answers->pairs)),
            $answers instanceof Gap => $this->gap($answers),
            $answers instanceof Essay, $answers instanceof Stimulus => $answers,
        };
    }

    private function gap(Gap $gap): Gap
    {
        $filler = $this->filler($gap->filler);
        \assert(!$filler instanceof MultipleResponse);

        return new Gap($this->plain($gap->before, $this->format), $this->plain($gap->after, $this->format), $filler);
    }

    private function filler(Choice|MultipleResponse|ShortAnswer $answers): Choice|MultipleResponse|ShortAnswer
    {
        return match (true) {
            $answers instanceof Choice => new Choice(array_map($this->option(...), $answers->options)),
            $answers instanceof MultipleResponse => new MultipleResponse(array_map($this->option(...), $answers->options)),
            $answers instanceof ShortAnswer => new ShortAnswer(array_map(fn (AcceptedAnswer $one) => new AcceptedAnswer($one->text, $one->weight, $this->optional($one->feedback), $one->span), $answers->accepted)),
        };
    }

    private function option(Option $option): Option
    {
        return new Option(($this->with)($option->text), $option->weight, $option->isKey, $this->optional($option->feedback), $option->span, $option->markLength);
    }

    private function optional(?FormattedText $text): ?FormattedText
    {
        return null === $text ? null : ($this->with)($text);
    }

    private function plain(string $text, string $format): string
    {
        return ($this->with)(new FormattedText($text, $format))->text;
    }
}
