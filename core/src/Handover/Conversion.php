<?php

declare(strict_types=1);

namespace Notagram\Handover;

use Notagram\Notation\BlockReading;
use Notagram\Notation\Loss;
use Notagram\Notation\LossKind;
use Notagram\Notation\Notation;
use Notagram\Notation\ReadSheet;
use Notagram\Notation\WrittenBlock;
use Notagram\Question\KeptPictures;

/** A whole sheet in another notation, or in the normal form of its own: each block's text, and every loss. */
final readonly class Conversion
{
    /**
     * @param list<ConvertedBlock> $blocks those that are written or lose something, in order
     */
    private function __construct(public Notation $target, public array $blocks)
    {
    }

    public static function of(ReadSheet $sheet, Notation $target, KeptPictures $pictures = new KeptPictures()): self
    {
        $blocks = [];
        foreach ($sheet->blocks as $placed) {
            $written = self::written($placed->reading, $target, $pictures);
            if ('' !== $written->text || [] !== $written->losses) {
                $blocks[] = new ConvertedBlock($placed, $written);
            }
        }

        return new self($target, $blocks);
    }

    /** One block in another notation. Pictures that are kept beside the sheet stay there, whatever the target. */
    public static function written(BlockReading $reading, Notation $target, KeptPictures $pictures): WrittenBlock
    {
        $written = $target->writer()->write($reading);
        $losses = array_map(
            static fn (int $number) => Loss::reduced('picture', number: $number),
            $pictures->namedIn($written->text),
        );

        if ('' !== $written->text && !$written->isEssay && false === $reading->question?->isMarked()) {
            $losses[] = Loss::refused('unmarked-goes');
        }

        return [] === $losses ? $written : new WrittenBlock($written->text, [...$written->losses, ...$losses], $written->isNumbered, $written->isEssay);
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
                if (\in_array($loss->kind, [LossKind::Dropped, LossKind::Changed], true)) {
                    return true;
                }
            }
        }

        return false;
    }
}
