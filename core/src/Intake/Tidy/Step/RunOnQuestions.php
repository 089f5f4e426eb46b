<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy\Step;

use Notagram\Intake\Tidy\Draft;
use Notagram\Intake\Tidy\TidyStep;

/** Parts questions that stand on one line. */
final readonly class RunOnQuestions implements TidyStep
{
    public function name(): string
    {
        return 'run-on-questions';
    }

    public function apply(Draft $draft): void
    {
        PartedLines::part($draft, true);
    }
}
