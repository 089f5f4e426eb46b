<?php

declare(strict_types=1);

namespace Notagram\Handover;

use Notagram\Message\Message;
use Notagram\Notation\BlockReading;
use Notagram\Notation\Loss;
use Notagram\Notation\Notation;
use Notagram\Notation\ReadSheet;
use Notagram\Notation\StyleChoice;
use Notagram\Notation\StyleValue;
use Notagram\Notation\WrittenBlock;
use Notagram\Question\FormattedText;
use Notagram\Question\KeptPictures;

/** A sheet as text in a notation: UTF-8 without a byte-order mark, lines parted by LF, a blank line between blocks; with its pictures, in one of the ways. */
final readonly class NotationTarget implements BlockTarget
{
    public function __construct(private Notation $notation, private PictureWay $way = PictureWay::Named)
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
        return PictureWay::Beside === $this->way ? 'application/zip' : 'text/plain; charset=UTF-8';
    }

    public function ending(): string
    {
        return PictureWay::Beside === $this->way ? 'zip' : $this->notation->ending();
    }

    public function styles(): array
    {
        $pictures = array_map(static fn (PictureWay $way) => new StyleValue($way->value, new Message('style/'.(PictureWay::Named === $way ? 'pictures-named' : $way->value))), PictureWay::cases());

        return [...$this->notation->styles(), ...($this->holdsPictures() ? [new StyleChoice(new Message('style/pictures'), $pictures, true)] : [])];
    }

    public function inStyle(string $words): ?self
    {
        $words = array_filter(explode(',', $words), static fn (string $word) => '' !== $word);
        $way = $this->way;
        foreach ($this->holdsPictures() ? $words : [] as $index => $word) {
            if (null !== PictureWay::tryFrom($word)) {
                $way = PictureWay::from($word);
                unset($words[$index]);
            }
        }
        $styled = [] === $words ? $this->notation : $this->notation->inStyle(implode(',', $words));

        return null === $styled ? null : new self($styled, $way);
    }

    public function isNumbered(): bool
    {
        return $this->notation->writer()->isNumbered();
    }

    public function write(ReadSheet $sheet, KeptPictures $pictures = new KeptPictures()): HandedOver
    {
        $blocks = $texts = $files = [];
        $number = 0;
        foreach ($sheet->blocks as $placed) {
            $travel = $this->travel($pictures);
            $written = $this->written($placed->reading, $travel);
            $text = $written->isNumbered && '' !== $written->text ? ++$number.'. '.$written->text : $written->text;
            if ('' !== $text) {
                $texts[] = $text;
            }
            if ('' !== $text || [] !== $written->losses) {
                $blocks[] = new HandedOverBlock($placed, $text, $written->losses);
            }
            $files += $travel?->files() ?? [];
        }
        $bytes = [] === $texts ? '' : implode("\n\n", $texts)."\n";

        return new HandedOver(PictureWay::Beside === $this->way ? fn () => ZipFile::of(['questions.'.$this->notation->ending() => $bytes] + $files) : $bytes, $blocks);
    }

    public function writeBlock(BlockReading $reading, KeptPictures $pictures = new KeptPictures()): WrittenBlock
    {
        return $this->written($reading, $this->travel($pictures));
    }

    private function written(BlockReading $reading, ?PictureTravel $travel): WrittenBlock
    {
        $packed = null === $travel || null === $reading->question ? $reading : $reading->withQuestion($travel->packed($reading->question));
        $written = $this->notation->writer()->write($packed);
        $losses = '' === $written->text || null === $travel ? [] : $travel->losses();
        if ('' !== $written->text && !$written->isEssay && false === $reading->question?->isMarked()) {
            $losses[] = Loss::refused('unmarked-goes');
        }

        return [] === $losses ? $written : new WrittenBlock($written->text, [...$written->losses, ...$losses], $written->isNumbered, $written->isEssay);
    }

    private function travel(KeptPictures $pictures): ?PictureTravel
    {
        return [] === $pictures->all ? null : new PictureTravel($pictures, $this->holdsPictures() ? $this->way : null);
    }

    private function holdsPictures(): bool
    {
        return null !== $this->notation->pictureMark(FormattedText::AUTO);
    }
}
