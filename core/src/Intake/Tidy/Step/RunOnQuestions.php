<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy\Step;

use Notagram\Intake\Tidy\Draft;
use Notagram\Intake\Tidy\DraftLine;
use Notagram\Intake\Tidy\TidyStep;
use Notagram\Notation\Printed\Role;

/** Parts questions that stand on one line. */
final readonly class RunOnQuestions implements TidyStep
{
    public function name(): string
    {
        return 'run-on-questions';
    }

    public function apply(Draft $draft): void
    {
        PartedLines::part($draft, static fn (array $lines): bool => \count(array_filter($lines, static fn (DraftLine $line) => Role::Question === $line->role)) > 1);
    }
}
