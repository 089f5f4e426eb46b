<?php

declare(strict_types=1);

namespace Notagram\Notation;

use Notagram\Source\SourceText;

/** A whole text, read. */
final readonly class ReadSheet
{
    /**
     * @param list<PlacedBlock>       $blocks
     * @param array<int, PlacedBlock> $byNumber
     */
    private function __construct(public SourceText $source, public Notation $notation, public array $blocks, private array $byNumber)
    {
    }

    public static function of(SourceText $source, Notation $notation): self
    {
        $reader = $notation->reader();
        $blocks = $byNumber = [];
        $number = 0;
        $category = [];
        $text = $source->text;
        $blank = BlockReading::nothing(BlockKind::Blank);
        foreach ($reader->split($text) as $block) {
            if (BlockKind::Blank === $block->kind) {
                $blocks[] = new PlacedBlock($block, $blank, null, $category);
                continue;
            }
            $reading = $reader->read($block, $block->textIn($text));
            $category = $reading->category ?? $category;
            $isNumbered = $reading->kind->isNumbered();
            $blocks[] = $placed = new PlacedBlock($block, $reading, $isNumbered ? ++$number : null, $category);
            if ($isNumbered) {
                $byNumber[$number] = $placed;
            }
        }

        return new self($source, $notation, $blocks, $byNumber);
    }

    public function has(int $number): bool
    {
        return isset($this->byNumber[$number]);
    }

    /**
     * @throws \OutOfRangeException if no block has that number
     */
    public function numbered(int $number): PlacedBlock
    {
        return $this->byNumber[$number] ?? throw new \OutOfRangeException("There is no question {$number}.");
    }

    public function overview(): SheetOverview
    {
        return SheetOverview::of($this->source, array_map(static fn (PlacedBlock $placed) => $placed->block, $this->blocks));
    }
}
