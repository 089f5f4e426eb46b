<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy\Step;

use Notagram\Intake\Tidy\Draft;
use Notagram\Intake\Tidy\LineRole;
use Notagram\Intake\Tidy\TidyStep;
use Notagram\Source\Regex;

/** Makes one blank of tabs, no-break spaces and runs of blanks. Lines of a stem that are set in columns or indented stay. */
final readonly class Blanks implements TidyStep
{
    public function name(): string
    {
        return 'blanks';
    }

    public function label(): string
    {
        return 'Tabs and runs of blanks';
    }

    public function apply(Draft $draft): void
    {
        $roles = $draft->scan()->roles;
        foreach ($draft->lines() as $index => $line) {
            if (LineRole::Truth === $roles[$index] || ('' !== $line && !Regex::match('/^\s|\s\z|\s\s|\t|\xC2\xA0|\xE2\x80[\x80-\x8A\xAF]/', $line))) {
                continue;
            }
            // Code and tables live by their blanks.
            $isSet = \in_array($roles[$index], [LineRole::Stem, LineRole::Passage], true) && Regex::match('/^\s{4,}\S|\S(?:\t|\s{3,})\S/', $line);
            $draft->edit($index, $isSet ? rtrim($line) : trim(Regex::replace('/[\t\x{A0}\x{2000}-\x{200A}\x{202F} ]++/u', ' ', $line)));
        }
    }
}
