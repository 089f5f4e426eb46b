<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy\Step;

use Notagram\Intake\Tidy\Draft;
use Notagram\Intake\Tidy\TidyStep;
use Notagram\Notation\Printed\Role;

/** Drops the lines for name, date and score. */
final readonly class NameLines implements TidyStep
{
    public function name(): string
    {
        return 'name-lines';
    }

    public function apply(Draft $draft): void
    {
        foreach ($draft->lines as $line) {
            if (Role::NameLine === $line->role) {
                $draft->drop($line);
            }
        }
    }
}
