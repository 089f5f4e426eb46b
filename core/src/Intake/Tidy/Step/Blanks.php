<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy\Step;

use Notagram\Intake\Tidy\Draft;
use Notagram\Intake\Tidy\TidyStep;
use Notagram\Notation\Printed\Role;
use Notagram\Source\Regex;

/** Takes out tabs, runs of blanks and blanks at the ends of lines. */
final readonly class Blanks implements TidyStep
{
    public function name(): string
    {
        return 'blanks';
    }

    public function apply(Draft $draft): void
    {
        foreach ($draft->there() as $line) {
            $text = $line->text();
            if (Role::Truth === $line->role && !Regex::match('/^\s|\s\z/', $text)) {
                continue;
            }
            if ($line->isWhole || ('' !== $text && !Regex::match('/^\s|\s\z|\s\s|\t|\xC2\xA0|\xE2\x80[\x80-\x8A\xAF]/', $text) && ('' === $line->mark || str_ends_with($line->mark, ' ') || '' === $line->body))) {
                continue;
            }
            // Code and tables live by their blanks.
            if (\in_array($line->role, [Role::Stem, Role::Passage, Role::MatchRow], true) && Regex::match('/^\s{4,}\S|\S(?:\t|\s{3,})\S/', $text)) {
                $draft->edit($line, rtrim($line->body));
                continue;
            }
            if (Role::Truth === $line->role) {
                $draft->edit($line, trim($line->body), '', '');
                continue;
            }
            $single = static fn (string $some): string => Regex::replace('/[\t\x{A0}\x{2000}-\x{200A}\x{202F} ]++/u', ' ', $some);
            $mark = trim($single($line->mark));
            $body = trim($single($line->body));
            $lead = trim($single($line->lead));
            $draft->edit($line, $body, '' === $mark || '' === $body ? $mark : $mark.' ', '' === $lead ? '' : $lead.' ');
        }
    }
}
