<?php

declare(strict_types=1);

namespace Notagram\Notation;

use Notagram\Source\SourceText;

/** A whole text, read. */
final readonly class ReadSheet
{
    /**
     * @param list<PlacedBlock> $blocks
     */
    private function __construct(public SourceText $source, public Notation $notation, public array $blocks)
    {
    }

    public static function of(SourceText $source, Notation $notation): self
    {
        $reader = $notation->reader();
        $blocks = [];
        $number = 0;
        $category = [];
        foreach ($reader->split($source->text) as $block) {
            $reading = $reader->read($block, $block->textIn($source->text));
            if (BlockKind::Blank === $reading->kind) {
                $blocks[] = new PlacedBlock($block, $reading, null, $category);
                continue;
            }
            $category = $reading->category ?? $category;
            $blocks[] = new PlacedBlock($block, $reading, $reading->kind->isNumbered() ? ++$number : null, $category);
        }

        return new self($source, $notation, $blocks);
    }

    public function overview(): SheetOverview
    {
        return SheetOverview::of($this->source, array_map(static fn (PlacedBlock $placed) => $placed->block, $this->blocks));
    }
}
