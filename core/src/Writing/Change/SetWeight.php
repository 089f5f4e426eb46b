<?php

declare(strict_types=1);

namespace Notagram\Writing\Change;

use Notagram\Notation\Part;
use Notagram\Question\AcceptedAnswer;
use Notagram\Question\AcceptedNumber;
use Notagram\Question\MultipleResponse;
use Notagram\Question\Option;
use Notagram\Question\Question;
use Notagram\Question\Weight;
use Notagram\Writing\CannotAmend;
use Notagram\Writing\Entries;
use Notagram\Writing\QuestionChange;

/** What one answer earns. */
final readonly class SetWeight implements QuestionChange
{
    /** @param ?Weight $weight null takes it out: then it earns all where it is right, and nothing where it is wrong */
    public function __construct(public string $at, public ?Weight $weight)
    {
    }

    public function part(): Part
    {
        return Part::Weight;
    }

    public function on(Question $question, bool $sharesAlone): Question
    {
        $entries = Entries::of($question);
        $kind = Entries::kindOf($question);
        if (null === $kind || Entries::PAIR === $kind) {
            throw CannotAmend::because('has-none', what: 'weight');
        }
        $place = Entries::placeOf($question, $this->at);
        $entry = $entries[$place];
        if ($entry instanceof AcceptedAnswer || $entry instanceof AcceptedNumber) {
            $entries[$place] = ChangedEntry::withWeight($entry, $this->weight ?? Weight::full());

            return Entries::in($question, array_values($entries));
        }
        $isSeveral = $question->answers instanceof MultipleResponse;
        $options = array_values(array_filter($entries, static fn (object $one) => $one instanceof Option));
        $own = $options[$place];
        $options[$place] = Entries::weighed($own, $this->weight ?? ($own->isKey && !$isSeveral ? Weight::full() : Weight::none()), $own->isKey);
        $options = array_values($options);
        $most = Weight::none();
        foreach ($options as $option) {
            $most = $option->weight->isGreaterThan($most) ? $option->weight : $most;
        }

        return Entries::in($question, array_map(static fn (Option $option) => Entries::weighed(
            $option,
            $option->weight,
            $option->weight->isAboveZero() && ($isSeveral || $option->weight->equals($most)),
        ), $options));
    }
}
