<?php

declare(strict_types=1);

namespace Notagram\Intake;

use Notagram\Message\Message;
use Notagram\Notation\Notation;
use Notagram\Question\KeptPicture;
use Notagram\Question\KeptPictures;
use Notagram\Question\PictureName;

/**
 * What a document holds, as its reader sees it: lines of text, with the numbers and letters that the word processor made.
 *
 * A page break is a line of its own with a form feed.
 */
final readonly class Manuscript
{
    /**
     * @param string            $text       lines parted by LF
     * @param list<Emphasis>    $emphasised stretches that stand out: bold, underlined, highlighted, coloured
     * @param list<Message>     $notes      what was left out, or needs a look
     * @param list<Picture>     $pictures   in the order in which “[picture 1]” and so on stand in the text
     * @param ?Notation         $notation   that its questions were written in; null where it is to be found out
     */
    public function __construct(public string $text, public array $emphasised = [], public array $notes = [], public array $pictures = [], public ?Notation $notation = null)
    {
    }

    public function keptPictures(): KeptPictures
    {
        $kept = [];
        foreach ($this->pictures as $index => $picture) {
            $type = $picture->mediaType();
            $kept[] = new KeptPicture($index + 1, PictureName::clean($picture->name, $type, array_column($kept, 'name')), $type, null, static fn () => $picture->bytes);
        }

        return new KeptPictures($kept);
    }
}
