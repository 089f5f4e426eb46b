<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy\Step;

use Notagram\Intake\Tidy\Draft;
use Notagram\Intake\Tidy\LineRole;
use Notagram\Intake\Tidy\TidyStep;

/** Leaves one blank line between questions and none within; lines of a text that stands between them keep theirs. */
final readonly class BlankLines implements TidyStep
{
    public function name(): string
    {
        return 'blank-lines';
    }

    public function label(): string
    {
        return 'Blank lines';
    }

    public function apply(Draft $draft): void
    {
        $roles = $draft->scan()->roles;
        $top = 0;
        while (LineRole::Blank === ($roles[$top] ?? null)) {
            ++$top;
        }
        $starts = static fn (LineRole $role): bool => LineRole::Question === $role || LineRole::Heading === $role;
        for ($index = \count($roles) - 1; $index >= 0; --$index) {
            if (LineRole::Blank === $roles[$index]) {
                $next = $roles[$index + 1] ?? null;
                $isNeeded = $index > $top && null !== $next && LineRole::Blank !== $next && ($starts($next) || \in_array($next, [LineRole::Passage, LineRole::Title, LineRole::Key], true));
                if (!$isNeeded && $index < \count($roles) - 1) {
                    $draft->drop($index);
                }
            } elseif ($index > 0 && $starts($roles[$index]) && LineRole::Blank !== $roles[$index - 1]) {
                $draft->putIn($index, '');
            }
        }
    }
}
