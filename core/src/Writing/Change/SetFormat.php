<?php

declare(strict_types=1);

namespace Notagram\Writing\Change;

use Notagram\Notation\Part;
use Notagram\Question\FormattedText;
use Notagram\Question\Option;
use Notagram\Question\Pair;
use Notagram\Question\Question;
use Notagram\Question\TrueFalse;
use Notagram\Writing\Entries;
use Notagram\Writing\QuestionChange;

/** The text format of the stem, and of every text that had the same. */
final readonly class SetFormat implements QuestionChange
{
    public function __construct(public string $format)
    {
    }

    public function part(): Part
    {
        return Part::Format;
    }

    public function on(Question $question, bool $sharesAlone): Question
    {
        $was = $question->stem->format;
        $text = fn (?FormattedText $one): ?FormattedText => null === $one || $one->format !== $was ? $one : new FormattedText($one->text, $this->format);
        $required = static fn (FormattedText $one): FormattedText => $text($one) ?? $one;
        $answers = $question->answers;
        if ($answers instanceof TrueFalse) {
            $question = $question->with(['answers' => new TrueFalse($answers->answer, $text($answers->feedbackWhenWrong), $text($answers->feedbackWhenRight))]);
        }
        $entries = array_map(static fn (object $one) => match (true) {
            $one instanceof Option => new Option($required($one->text), $one->weight, $one->isKey, $text($one->feedback), $one->span, $one->markLength),
            $one instanceof Pair => new Pair($required($one->prompt), $one->match, $one->span),
            default => ChangedEntry::withFeedback($one, $text($one->feedback)),
        }, Entries::of($question));

        return Entries::in($question, $entries)->with(['stem' => new FormattedText($question->stem->text, $this->format), 'explanation' => $text($question->explanation)]);
    }
}
