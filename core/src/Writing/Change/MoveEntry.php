<?php

declare(strict_types=1);

namespace Notagram\Writing\Change;

use Notagram\Notation\Part;
use Notagram\Question\Question;
use Notagram\Writing\CannotAmend;
use Notagram\Writing\Entries;
use Notagram\Writing\QuestionChange;

final readonly class MoveEntry implements QuestionChange
{
    /** @param int $by how many places down; up where it is below zero */
    public function __construct(public string $kind, public string $at, public int $by)
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
        $from = Entries::placeOf($question, $this->at);
        $to = $from + $this->by;
        if ($to < 0 || $to >= \count($entries)) {
            throw CannotAmend::misuse('beyond-ends');
        }
        array_splice($entries, $to, 0, array_splice($entries, $from, 1));

        return Entries::in($question, $entries);
    }
}
