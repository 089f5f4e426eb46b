<?php

declare(strict_types=1);

namespace Notagram\Handover;

use Notagram\Message\Message;
use Notagram\Notation\ReadSheet;
use Notagram\Notation\StyleChoice;
use Notagram\Question\KeptPictures;

/** What a sheet can be handed over as: a notation, or a file of another kind. A new one is a class and a line in {@see Targets}. */
interface Target
{
    /** As it goes over the wire and on the command line. */
    public function id(): string;

    /** As people call it. */
    public function label(): string;

    /** Who takes it, in one sentence. */
    public function about(): Message;

    public function mediaType(): string;

    /** Of the file’s name, without the full stop. */
    public function ending(): string;

    /** @return list<StyleChoice> in what ways it can be written */
    public function styles(): array;

    /** The same in a style of one’s own. Null where one of the words is no style of it. */
    public function inStyle(string $words): ?self;

    /** @param KeptPictures $pictures that are kept beside the sheet’s text */
    public function write(ReadSheet $sheet, KeptPictures $pictures = new KeptPictures()): HandedOver;
}
