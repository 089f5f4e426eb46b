<?php

declare(strict_types=1);

namespace Notagram\Handover;

use Notagram\Notation\LossKind;
use Notagram\Notation\Notation;
use Notagram\Notation\ReadSheet;

/** A whole sheet in another notation, or in the normal form of its own: each block's text, and every loss. */
final readonly class Conversion
{
    /**
     * @param list<ConvertedBlock> $blocks those that are written or lose something, in order
     */
    private function __construct(public Notation $target, public array $blocks)
    {
    }

    public static function of(ReadSheet $sheet, Notation $target): self
    {
        $writer = $target->writer();
        $blocks = [];
        foreach ($sheet->blocks as $placed) {
            $written = $writer->write($placed->reading);
            if ('' !== $written->text || [] !== $written->losses) {
                $blocks[] = new ConvertedBlock($placed, $written);
            }
        }

        return new self($target, $blocks);
    }

    /** UTF-8 without a byte-order mark, lines parted by LF, a blank line between blocks. */
    public function text(): string
    {
        $texts = [];
        $number = 0;
        foreach ($this->blocks as $block) {
            if ('' !== $block->written->text) {
                $texts[] = $block->written->isNumbered ? ++$number.'. '.$block->written->text : $block->written->text;
            }
        }

        return [] === $texts ? '' : implode("\n\n", $texts)."\n";
    }

    public function dropsOrChanges(): bool
    {
        foreach ($this->blocks as $block) {
            foreach ($block->written->losses as $loss) {
                if (LossKind::Reduced !== $loss->kind) {
                    return true;
                }
            }
        }

        return false;
    }
}
