<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy\Step;

use Notagram\Intake\Tidy\Draft;
use Notagram\Intake\Tidy\LineRole;
use Notagram\Intake\Tidy\TidyStep;

/** Takes out the lines on which pupils write name, date and class. */
final readonly class NameLines implements TidyStep
{
    public function name(): string
    {
        return 'name-lines';
    }

    public function label(): string
    {
        return 'Lines for name and date';
    }

    public function apply(Draft $draft): void
    {
        $roles = $draft->scan()->roles;
        for ($index = \count($roles) - 1; $index >= 0; --$index) {
            if (LineRole::NameLine === $roles[$index]) {
                $draft->drop($index);
            }
        }
    }
}
