<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy\Step;

use Notagram\Intake\Tidy\Draft;
use Notagram\Intake\Tidy\LineRole;
use Notagram\Intake\Tidy\TidyStep;

/** Takes the title off the top; the sheet keeps it as its name. */
final readonly class Titles implements TidyStep
{
    public function name(): string
    {
        return 'titles';
    }

    public function label(): string
    {
        return 'Title above the questions';
    }

    public function apply(Draft $draft): void
    {
        $scan = $draft->scan();
        // A text without any question is no title.
        if ([] === $scan->questions) {
            return;
        }
        $lines = $draft->lines();
        for ($index = \count($lines) - 1; $index >= 0; --$index) {
            if (LineRole::Title === $scan->roles[$index] && $draft->drop($index)) {
                $draft->title = trim($lines[$index]);
            }
        }
    }
}
