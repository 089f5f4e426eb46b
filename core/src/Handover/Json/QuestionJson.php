<?php

declare(strict_types=1);

namespace Notagram\Handover\Json;

use Notagram\Question\AcceptedAnswer;
use Notagram\Question\AcceptedNumber;
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
use Notagram\Question\ShortAnswer;
use Notagram\Question\Stimulus;
use Notagram\Question\TrueFalse;
use Notagram\Source\Regex;

/**
 * A question as it goes over the wire; its JSON Schema stands in the core's schema folder.
 *
 * @phpstan-type OptionShape array{text: string, weight: string, key: bool, feedback: ?string}
 * @phpstan-type AcceptedShape array{text: string, weight: string, feedback: ?string}
 * @phpstan-type NumberShape array{value?: string, tolerance?: string, min?: string, max?: string, weight: string, feedback: ?string}
 * @phpstan-type PairShape array{prompt: string, match: string}
 * @phpstan-type AnswersShape array{options?: list<OptionShape>, accepted?: list<AcceptedShape>, numbers?: list<NumberShape>, pairs?: list<PairShape>, answer?: ?bool, feedbackWhenRight?: ?string, feedbackWhenWrong?: ?string, gapAt?: array{before: string, after: string}}
 * @phpstan-type QuestionShape array{type: string, title: ?string, points: int|string, stem: string, stemFormat: string, explanation: ?string, id?: string, tags?: list<string>, comments?: list<string>, options?: list<OptionShape>, accepted?: list<AcceptedShape>, numbers?: list<NumberShape>, pairs?: list<PairShape>, answer?: ?bool, feedbackWhenRight?: ?string, feedbackWhenWrong?: ?string, gapAt?: array{before: string, after: string}}
 */
final class QuestionJson
{
    /** @return QuestionShape */
    public static function of(Question $question): array
    {
        $json = [
            'type' => $question->type()->value,
            'title' => $question->title,
            'points' => self::points($question->points),
            'stem' => $question->stem->text,
            'stemFormat' => $question->stem->format,
        ] + self::answers($question) + ['explanation' => $question->explanation?->text];
        if (null !== $question->id) {
            $json['id'] = $question->id;
        }
        if ([] !== $question->tags) {
            $json['tags'] = $question->tags;
        }
        if ([] !== $question->comments) {
            $json['comments'] = $question->comments;
        }

        return $json;
    }

    /**
     * The same with what only a file that is taken back needs: the format of each text that has another one than the stem.
     *
     * @return array<string, mixed>
     */
    public static function whole(Question $question): array
    {
        $formats = [];
        $stem = $question->stem->format;
        $note = static function (string $place, ?FormattedText $text) use (&$formats, $stem): void {
            if (null !== $text && $text->format !== $stem) {
                $formats[$place] = $text->format;
            }
        };
        $note('explanation', $question->explanation);
        foreach ($question->options() as $index => $option) {
            $note("options/{$index}", $option->text);
            $note("options/{$index}/feedback", $option->feedback);
        }
        foreach ($question->accepted() as $index => $one) {
            $note("accepted/{$index}/feedback", $one->feedback);
        }
        foreach ($question->answers instanceof Numeric ? $question->answers->numbers : [] as $index => $one) {
            $note("numbers/{$index}/feedback", $one->feedback);
        }
        foreach ($question->answers instanceof Matching ? $question->answers->pairs : [] as $index => $pair) {
            $note("pairs/{$index}", $pair->prompt);
        }
        if ($question->answers instanceof TrueFalse) {
            $note('feedbackWhenRight', $question->answers->feedbackWhenRight);
            $note('feedbackWhenWrong', $question->answers->feedbackWhenWrong);
        }

        return self::of($question) + ([] === $formats ? [] : ['formats' => $formats]);
    }

    private static function points(?string $points): int|string
    {
        return match (true) {
            null === $points => 1,
            Regex::match('/^\d{1,9}\z/', $points) => (int) $points,
            default => $points,
        };
    }

    /** @return AnswersShape */
    private static function answers(Question $question): array
    {
        $answers = $question->answers;

        return match (true) {
            $answers instanceof Choice, $answers instanceof MultipleResponse => ['options' => array_map(self::option(...), $answers->options)],
            $answers instanceof ShortAnswer => ['accepted' => array_map(self::accepted(...), $answers->accepted)],
            $answers instanceof TrueFalse => [
                'answer' => $answers->answer,
                'feedbackWhenRight' => $answers->feedbackWhenRight?->text,
                'feedbackWhenWrong' => $answers->feedbackWhenWrong?->text,
            ],
            $answers instanceof Numeric => ['numbers' => array_map(self::number(...), $answers->numbers)],
            $answers instanceof Matching => ['pairs' => array_map(static fn (Pair $pair) => ['prompt' => $pair->prompt->text, 'match' => $pair->match], $answers->pairs)],
            $answers instanceof Gap => ['gapAt' => ['before' => $answers->before, 'after' => $answers->after]] + ($answers->filler instanceof Choice
                ? ['options' => array_map(self::option(...), $answers->filler->options)]
                : ['accepted' => array_map(self::accepted(...), $answers->filler->accepted)]),
            $answers instanceof Essay, $answers instanceof Stimulus => [],
        };
    }

    /** @return OptionShape */
    private static function option(Option $option): array
    {
        return ['text' => $option->text->text, 'weight' => $option->weight->toString(), 'key' => $option->isKey, 'feedback' => $option->feedback?->text];
    }

    /** @return AcceptedShape */
    private static function accepted(AcceptedAnswer $answer): array
    {
        return ['text' => $answer->text, 'weight' => $answer->weight->toString(), 'feedback' => $answer->feedback?->text];
    }

    /** @return NumberShape */
    private static function number(AcceptedNumber $number): array
    {
        return ($number->isRange ? ['min' => $number->first, 'max' => $number->second] : ['value' => $number->first, 'tolerance' => $number->second])
            + ['weight' => $number->weight->toString(), 'feedback' => $number->feedback?->text];
    }
}
