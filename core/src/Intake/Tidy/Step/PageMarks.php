<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy\Step;

use Notagram\Intake\Tidy\Draft;
use Notagram\Intake\Tidy\TidyStep;
use Notagram\Notation\Printed\Role;

/** Drops what stands on every page, and what counts or turns the pages. */
final readonly class PageMarks implements TidyStep
{
    public function name(): string
    {
        return 'page-marks';
    }

    public function apply(Draft $draft): void
    {
        foreach ($draft->lines as $line) {
            if (Role::Furniture === $line->role) {
                $draft->drop($line);
            }
        }
    }
}
