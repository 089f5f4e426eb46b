<?php

declare(strict_types=1);

namespace Notagram\Writing\Change;

use Notagram\Notation\Part;
use Notagram\Question\AcceptedAnswer;
use Notagram\Question\FormattedText;
use Notagram\Question\Option;
use Notagram\Question\Pair;
use Notagram\Question\Question;
use Notagram\Question\Weight;
use Notagram\Source\Span;
use Notagram\Writing\CannotAmend;
use Notagram\Writing\Entries;
use Notagram\Writing\QuestionChange;

/** Another option, accepted answer, number or pair. */
final readonly class AddEntry implements QuestionChange
{
    /**
     * @param string  $kind  one of the kinds of {@see Entries}
     * @param string  $text  of a pair, its prompt; of a number, as written
     * @param string  $match of a pair
     * @param ?string $below the letter below which it goes; null puts it last
     */
    public function __construct(public string $kind, public string $text, public bool $isKey = false, public string $match = '', public ?string $below = null)
    {
    }

    public function part(): ?Part
    {
        return null;
    }

    public function on(Question $question, bool $sharesAlone): Question
    {
        if ($this->kind !== Entries::kindOf($question)) {
            throw CannotAmend::because('has-none', what: $this->kind);
        }
        $entries = Entries::of($question);
        $place = null === $this->below ? \count($entries) : Entries::placeOf($question, $this->below) + 1;
        $nowhere = Span::nowhere();
        array_splice($entries, $place, 0, [match ($this->kind) {
            Entries::OPTION => new Option(new FormattedText($this->text, $question->stem->format), Weight::none(), false, null, $nowhere, 0),
            Entries::ANSWER => new AcceptedAnswer($this->text, Weight::full(), null, $nowhere),
            Entries::NUMBER => ChangedEntry::number($this->text, Weight::full(), null, $nowhere),
            default => new Pair(new FormattedText($this->text, $question->stem->format), $this->match, $nowhere),
        }]);
        $wasEven = Entries::areEven($question->options());
        $new = Entries::in($question, $entries);
        $isKey = array_map(static fn (Option $option) => $option->isKey, $new->options());
        if ($this->isKey && isset($isKey[$place])) {
            $isKey[$place] = true;

            return SetKey::marked($new, $isKey, $sharesAlone);
        }

        return Shares::after($new, $sharesAlone && $wasEven);
    }
}
