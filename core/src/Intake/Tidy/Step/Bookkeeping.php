<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy\Step;

use Notagram\Intake\Tidy\Draft;
use Notagram\Intake\Tidy\TidyStep;

/** Drops what a question bank notes under each question. */
final readonly class Bookkeeping implements TidyStep
{
    public function name(): string
    {
        return 'bookkeeping';
    }

    public function apply(Draft $draft): void
    {
        foreach ($draft->questions as $question) {
            foreach ($question->bookkeeping as $line) {
                $draft->drop($line);
            }
        }
    }
}
