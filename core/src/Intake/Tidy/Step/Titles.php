<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy\Step;

use Notagram\Intake\Tidy\Draft;
use Notagram\Intake\Tidy\TidyStep;
use Notagram\Notation\Printed\Role;
use Notagram\Source\Regex;

/** Takes the title from above the questions; it becomes the name of the sheet. */
final readonly class Titles implements TidyStep
{
    public function name(): string
    {
        return 'titles';
    }

    public function apply(Draft $draft): void
    {
        foreach ($draft->lines as $line) {
            if (Role::Title === $line->role) {
                $text = trim($line->text());
                // What greets, or announces the questions, names nothing.
                if ($draft->drop($line) && null === $draft->title && !Regex::match('/[:!]\z/', $text)) {
                    $draft->title = $text;
                }
            }
        }
    }
}
