<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy\Step;

use Notagram\Intake\Tidy\Draft;
use Notagram\Intake\Tidy\DraftLine;
use Notagram\Intake\Tidy\TidyStep;
use Notagram\Notation\Printed\Role;

/** Puts one blank line between questions, and none elsewhere. */
final readonly class BlankLines implements TidyStep
{
    public function name(): string
    {
        return 'blank-lines';
    }

    public function apply(Draft $draft): void
    {
        $there = $draft->there();
        $starts = static fn (Role $role): bool => Role::Question === $role || Role::Heading === $role;
        $before = null;
        foreach ($there as $index => $line) {
            if (self::isBlank($line)) {
                $next = $there[$index + 1] ?? null;
                $isNeeded = null !== $before && null !== $next && !self::isBlank($next) && ($starts($next->role) || \in_array($next->role, [Role::Passage, Role::Title, Role::Key], true));
                if (!$isNeeded && $index < \count($there) - 1) {
                    $draft->drop($line);
                    continue;
                }
            } elseif (null !== $before && !self::isBlank($before) && ($starts($line->role) || Role::Passage === $line->role && \in_array($before->role, [Role::Option, Role::OptionText, Role::Truth, Role::Answer, Role::Pair, Role::EssayMark, Role::Explanation, Role::ExplanationText], true))) {
                $draft->putIn($before, '', Role::Blank);
            }
            $before = $line;
        }
    }

    private static function isBlank(DraftLine $line): bool
    {
        return '' === trim($line->text());
    }
}
