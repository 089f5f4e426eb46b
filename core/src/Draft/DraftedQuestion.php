<?php

declare(strict_types=1);

namespace Notagram\Draft;

use Notagram\Question\Question;

/** A question that nobody has read yet, with the sentence that it was made from. */
final readonly class DraftedQuestion
{
    /** @param ?Exchange $exchange what its stem says in place of a stretch of the sentence; null where it says the sentence itself */
    public function __construct(public Question $question, public Sentence $sentence, public ?Exchange $exchange)
    {
    }
}
