<?php

declare(strict_types=1);

namespace Notagram\Intake\Qti;

use Notagram\Question\Question;

/** What became of an item. */
final readonly class ItemReading
{
    /**
     * @param list<Question>              $questions
     * @param list<array{string, string}> $left      what did not come along: the name of its note, and the kind where it is one of several
     */
    public function __construct(public Item $item, public array $questions, public array $left)
    {
    }
}
