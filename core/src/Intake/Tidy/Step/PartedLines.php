<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy\Step;

use Notagram\Intake\Tidy\Draft;
use Notagram\Intake\Tidy\DraftLine;
use Notagram\Notation\Printed\Role;

/** Parts the lines on which several things stand, or leaves them whole where that is refused. */
final class PartedLines
{
    /** @param bool $withQuestions whether those are meant on which more than one question stands, or the others */
    public static function part(Draft $draft, bool $withQuestions): void
    {
        $groups = [];
        $first = null;
        foreach ($draft->lines as $place => $line) {
            if (!$line->isInner) {
                $first = $place;
            } elseif (null !== $first) {
                $groups[$first] ??= [$draft->lines[$first]];
                $groups[$first][] = $line;
            }
        }
        foreach ($groups as $lines) {
            if ($lines[0]->isWhole || $withQuestions !== self::askSeveral($lines)) {
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

    /** @param list<DraftLine> $lines */
    private static function askSeveral(array $lines): bool
    {
        $questions = 0;
        foreach ($lines as $line) {
            $questions += Role::Question === $line->role ? 1 : 0;
        }

        return $questions > 1;
    }
}
