<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy\Step;

use Notagram\Intake\Tidy\Draft;
use Notagram\Intake\Tidy\DraftLine;

/** Parts the lines on which several things stand, or leaves them whole where that is refused. */
final class PartedLines
{
    /** @param \Closure(list<DraftLine>): bool $isMeant */
    public static function part(Draft $draft, \Closure $isMeant): void
    {
        $groups = [];
        foreach ($draft->lines as $line) {
            if ($line->isInner) {
                $groups[\count($groups) - 1][] = $line;
            } else {
                $groups[] = [$line];
            }
        }
        foreach ($groups as $lines) {
            if (\count($lines) < 2 || $lines[0]->isWhole || !$isMeant($lines)) {
                continue;
            }
            $whole = implode('', array_map(static fn (DraftLine $line) => $line->text(), $lines));
            if ($draft->allows($lines[0]->origin, trim($whole), implode("\n", array_map(static fn (DraftLine $line) => trim($line->text()), $lines)))) {
                foreach ($lines as $line) {
                    $line->lead = ltrim($line->lead);
                }
                continue;
            }
            [$lines[0]->lead, $lines[0]->mark, $lines[0]->body] = ['', '', $whole];
            foreach ($lines as $place => $line) {
                $line->isWhole = true;
                $line->isGone = $place > 0;
            }
        }
    }
}
