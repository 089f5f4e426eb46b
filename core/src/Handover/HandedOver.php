<?php

declare(strict_types=1);

namespace Notagram\Handover;

use Notagram\Notation\Loss;
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

    public function tally(): Tally
    {
        $counts = ['whole' => 0, 'changed' => 0, 'notReady' => 0, 'dropped' => 0];
        foreach ($this->blocks as $block) {
            if (null !== $block->placed->number) {
                $kinds = array_map(static fn (Loss $loss) => $loss->kind, $block->losses);
                ++$counts[match (true) {
                    \in_array(LossKind::Dropped, $kinds, true) => 'dropped',
                    \in_array(LossKind::Refused, $kinds, true) => 'notReady',
                    [] !== $kinds => 'changed',
                    default => 'whole',
                }];
            }
        }

        return new Tally(...$counts);
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
