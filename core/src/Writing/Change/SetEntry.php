<?php

declare(strict_types=1);

namespace Notagram\Writing\Change;

use Notagram\Notation\Part;
use Notagram\Question\AcceptedAnswer;
use Notagram\Question\AcceptedNumber;
use Notagram\Question\FormattedText;
use Notagram\Question\Option;
use Notagram\Question\Pair;
use Notagram\Question\Question;
use Notagram\Question\TrueFalse;
use Notagram\Writing\CannotAmend;
use Notagram\Writing\Entries;
use Notagram\Writing\QuestionChange;

/** The text of one answer, or what is shown after it. */
final readonly class SetEntry implements QuestionChange
{
    public const PROMPT = 'prompt';
    public const MATCH = 'match';
    public const FEEDBACK = 'feedback';
    public const RIGHT = 'right';
    public const WRONG = 'wrong';

    /**
     * @param string  $what one of these, or of the kinds of {@see Entries}
     * @param string  $at   a letter; of true or false, who is told: right or wrong
     * @param ?string $text null takes feedback out
     */
    public function __construct(public string $what, public string $at, public ?string $text)
    {
    }

    public function part(): ?Part
    {
        return self::FEEDBACK === $this->what ? Part::Feedback : null;
    }

    public function on(Question $question, bool $sharesAlone): Question
    {
        if ($question->answers instanceof TrueFalse && self::FEEDBACK === $this->what) {
            return $question->with(['answers' => $this->truth($question->answers, $question)]);
        }
        $kind = Entries::kindOf($question);
        $belongs = match ($this->what) {
            self::FEEDBACK => null !== $kind && Entries::PAIR !== $kind,
            self::PROMPT, self::MATCH => Entries::PAIR === $kind,
            default => $this->what === $kind && Entries::PAIR !== $kind,
        };
        if (!$belongs) {
            throw CannotAmend::because('has-none', what: $this->what);
        }
        $entries = Entries::of($question);
        $place = Entries::placeOf($question, $this->at);
        $entry = $entries[$place];
        if (self::MATCH === $this->what && $entry instanceof Pair) {
            $entries[$place] = new Pair($entry->prompt, (string) $this->text, $entry->span);
        } elseif (self::FEEDBACK !== $this->what) {
            $entries[$place] = ChangedEntry::withText($entry, (string) $this->text);
        } elseif ($entry instanceof Option || $entry instanceof AcceptedAnswer || $entry instanceof AcceptedNumber) {
            $format = $entry->feedback->format ?? $question->stem->format;
            $entries[$place] = ChangedEntry::withFeedback($entry, null === $this->text ? null : new FormattedText($this->text, $format));
        }

        return Entries::in($question, array_values($entries));
    }

    private function truth(TrueFalse $answers, Question $question): TrueFalse
    {
        $text = static fn (?FormattedText $was, ?string $text) => null === $text ? null : new FormattedText($text, $was->format ?? $question->stem->format);

        return match ($this->at) {
            self::RIGHT => new TrueFalse($answers->answer, $answers->feedbackWhenWrong, $text($answers->feedbackWhenRight, $this->text)),
            self::WRONG => new TrueFalse($answers->answer, $text($answers->feedbackWhenWrong, $this->text), $answers->feedbackWhenRight),
            default => throw CannotAmend::misuse('no-such-letter', letter: $this->at),
        };
    }
}
