<?php

declare(strict_types=1);

namespace Notagram\Intake\Table;

use Notagram\Message\Message;
use Notagram\Question\Question;

/** The question of a row, or why the row is none. */
final readonly class RowQuestion
{
    /**
     * @param list<string>  $category the path that it is filed under; empty where its row names none
     * @param list<Message> $notes    what of the row is not in the question, or wants a look
     */
    public function __construct(public int $row, public ?Question $question, public array $category, public array $notes)
    {
    }
}
