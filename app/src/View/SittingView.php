<?php

declare(strict_types=1);

namespace App\View;

/** A sheet as a pupil gets it: nothing in it tells which answers are right. */
final readonly class SittingView
{
    /**
     * @param string                    $ticket     the text that it began with, sealed; it is handed in with the answers
     * @param int                       $unreadable how many questions are left out because they cannot be read
     * @param list<SittingQuestionView> $questions
     */
    public function __construct(public string $title, public string $ticket, public int $unreadable, public array $questions)
    {
    }
}
