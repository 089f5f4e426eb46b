<?php

declare(strict_types=1);

namespace Notagram\Handover\Paper;

use Notagram\Question\Question;

/** What stands on a paper: a question with its number there, or a text without one. */
final readonly class PaperItem
{
    /**
     * @param ?int    $number  null for a text that other questions refer to
     * @param ?string $heading of the part that begins here
     */
    public function __construct(public Question $question, public ?int $number, public ?string $heading)
    {
    }
}
