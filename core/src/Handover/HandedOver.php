<?php

declare(strict_types=1);

namespace Notagram\Handover;

use Notagram\Notation\Loss;
use Notagram\Notation\LossKind;

/** A whole sheet as a target has it, and every loss. */
final readonly class HandedOver
{
    /**
     * @param string|\Closure(): string $bytes  or what writes them when somebody asks
     * @param list<HandedOverBlock>     $blocks those of which something is written or lost, in order
     * @param bool                      $isSlow whether the bytes take seconds to write
     */
    public function __construct(private string|\Closure $bytes, public array $blocks, public bool $isSlow = false)
    {
    }

    /** The file that goes; empty where nothing does. */
    public function bytes(): string
    {
        return $this->bytes instanceof \Closure ? ($this->bytes)() : $this->bytes;
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
