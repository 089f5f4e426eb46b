<?php

declare(strict_types=1);

namespace Notagram\Notation\Key;

use Notagram\Message\Message;

/** An entry of a key list that marks nothing. */
final readonly class KeyMisfit
{
    /**
     * @param int  $place  of the entry in its list, from 0
     * @param ?int $number of the question that has no such answer; null where there is no such question
     */
    public function __construct(public KeyEntry $entry, public int $place, public ?int $number)
    {
    }

    public function message(): Message
    {
        return match (true) {
            null !== $this->number => Message::of('key/no-such-answer', number: $this->number, answer: $this->entry->answer),
            null === $this->entry->number => Message::of('key/too-many-answers', place: $this->place + 1),
            null === $this->entry->part => Message::of('key/no-such-question', number: $this->entry->number),
            default => Message::of('key/no-such-question-in-part', number: $this->entry->number, part: $this->entry->part),
        };
    }
}
