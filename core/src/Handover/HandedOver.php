<?php

declare(strict_types=1);

namespace Notagram\Handover;

use Notagram\Notation\LossKind;

/** A whole sheet as a target has it, and every loss. */
final readonly class HandedOver
{
    /**
     * @param list<HandedOverBlock> $blocks those of which something is written or lost, in order
     */
    public function __construct(public string $bytes, public array $blocks)
    {
    }

    /** Whether a question does not go, or goes as another one. */
    public function dropsOrChanges(): bool
    {
        foreach ($this->blocks as $block) {
            foreach ($block->losses as $loss) {
                if (\in_array($loss->kind, [LossKind::Dropped, LossKind::Changed], true)) {
                    return true;
                }
            }
        }

        return false;
    }
}
