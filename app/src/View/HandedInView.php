<?php

declare(strict_types=1);

namespace App\View;

/** Answers, marked. Numbers are shown with at most two decimals. */
final readonly class HandedInView
{
    /**
     * @param string            $percent    of the points that can be earned without a hand’s marking
     * @param bool              $hasChanged whether the sheet has another text by now than the one that was sat
     * @param list<MarkedAnswerView> $questions
     */
    public function __construct(public string $earned, public string $of, public string $percent, public bool $hasChanged, public array $questions)
    {
    }
}
