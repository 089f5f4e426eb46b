<?php

declare(strict_types=1);

namespace Notagram\Writing\Change;

use Notagram\Notation\Part;
use Notagram\Question\Question;
use Notagram\Writing\CannotAmend;
use Notagram\Writing\Entries;
use Notagram\Writing\QuestionChange;

final readonly class RemoveEntry implements QuestionChange
{
    public function __construct(public string $kind, public string $at)
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
        array_splice($entries, Entries::placeOf($question, $this->at), 1);

        return Shares::after(Entries::in($question, $entries), $sharesAlone && Entries::areEven($question->options()));
    }
}
