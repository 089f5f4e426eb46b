<?php

declare(strict_types=1);

namespace Notagram\Tests\Handover;

use Notagram\Handover\HandedOver;
use Notagram\Handover\HandedOverBlock;
use Notagram\Handover\Target;
use Notagram\Message\Message;
use Notagram\Notation\Loss;
use Notagram\Notation\ReadSheet;
use Notagram\Question\KeptPictures;
use Notagram\Tests\Intake\Zipped;

/** Each question’s stem as a file of its own in an archive: a target that is no text. */
final readonly class ZippedTarget implements Target
{
    public function id(): string
    {
        return 'zipped';
    }

    public function label(): string
    {
        return 'Zipped';
    }

    public function about(): Message
    {
        return new Message('target/gift');
    }

    public function mediaType(): string
    {
        return 'application/zip';
    }

    public function ending(): string
    {
        return 'zip';
    }

    public function styles(): array
    {
        return [];
    }

    public function inStyle(string $words): ?self
    {
        return null;
    }

    public function write(ReadSheet $sheet, KeptPictures $pictures = new KeptPictures()): HandedOver
    {
        $files = ['readme.txt' => ''];
        $blocks = [];
        foreach ($sheet->blocks as $placed) {
            if (null !== $placed->reading->question) {
                $files["{$placed->number}.txt"] = $placed->reading->question->stem->text;
            } elseif (null !== $placed->number) {
                $blocks[] = new HandedOverBlock($placed, '', [Loss::dropped('unreadable')]);
            }
        }

        return new HandedOver(Zipped::of($files), $blocks);
    }
}
