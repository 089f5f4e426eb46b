<?php

declare(strict_types=1);

namespace Notagram\Rehearsal;

use Notagram\Question\Question;

/** A question as the receiver holds it. */
final readonly class Arrived
{
    /** @param list<string> $category the path that it is filed under */
    public function __construct(public int $number, public Question $question, public array $category)
    {
    }
}
