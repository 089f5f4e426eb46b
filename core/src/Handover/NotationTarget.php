<?php

declare(strict_types=1);

namespace Notagram\Handover;

use Notagram\Message\Message;
use Notagram\Notation\BlockReading;
use Notagram\Notation\Loss;
use Notagram\Notation\Notation;
use Notagram\Notation\ReadSheet;
use Notagram\Notation\WrittenBlock;
use Notagram\Question\KeptPictures;

/** A sheet as text in a notation: UTF-8 without a byte-order mark, lines parted by LF, a blank line between blocks. */
final readonly class NotationTarget implements BlockTarget
{
    public function __construct(private Notation $notation)
    {
    }

    public function id(): string
    {
        return $this->notation->id();
    }

    public function label(): string
    {
        return $this->notation->label();
    }

    public function about(): Message
    {
        return new Message('target/'.$this->id());
    }

    public function mediaType(): string
    {
        return 'text/plain; charset=UTF-8';
    }

    public function ending(): string
    {
        return $this->notation->ending();
    }

    public function styles(): array
    {
        return $this->notation->styles();
    }

    public function inStyle(string $words): ?self
    {
        $styled = $this->notation->inStyle($words);

        return null === $styled ? null : new self($styled);
    }

    public function isNumbered(): bool
    {
        return $this->notation->writer()->isNumbered();
    }

    public function write(ReadSheet $sheet, KeptPictures $pictures = new KeptPictures()): HandedOver
    {
        $blocks = $texts = [];
        $number = 0;
        foreach ($sheet->blocks as $placed) {
            $written = $this->writeBlock($placed->reading, $pictures);
            $text = $written->isNumbered && '' !== $written->text ? ++$number.'. '.$written->text : $written->text;
            if ('' !== $text) {
                $texts[] = $text;
            }
            if ('' !== $text || [] !== $written->losses) {
                $blocks[] = new HandedOverBlock($placed, $text, $written->losses);
            }
        }

        return new HandedOver([] === $texts ? '' : implode("\n\n", $texts)."\n", $blocks);
    }

    /** Pictures that are kept beside the sheet stay there: a text only names them. */
    public function writeBlock(BlockReading $reading, KeptPictures $pictures = new KeptPictures()): WrittenBlock
    {
        $written = $this->notation->writer()->write($reading);
        $losses = array_map(static fn (int $number) => Loss::reduced('picture', number: $number), $pictures->namedIn($written->text));
        if ('' !== $written->text && !$written->isEssay && false === $reading->question?->isMarked()) {
            $losses[] = Loss::refused('unmarked-goes');
        }

        return [] === $losses ? $written : new WrittenBlock($written->text, [...$written->losses, ...$losses], $written->isNumbered, $written->isEssay);
    }
}
