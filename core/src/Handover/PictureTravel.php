<?php

declare(strict_types=1);

namespace Notagram\Handover;

use Notagram\Notation\Loss;
use Notagram\Question\EachText;
use Notagram\Question\FormattedText;
use Notagram\Question\KeptPicture;
use Notagram\Question\KeptPictures;
use Notagram\Question\PictureMark;
use Notagram\Question\Question;
use Notagram\Source\Regex;

/** Takes the pictures along that a question shows, and knows which stay behind. */
final class PictureTravel
{
    /** @var array<int, KeptPicture> by their numbers: those that go as files */
    private array $files = [];
    /** @var array<int, KeptPicture> */
    private array $staying = [];

    /** @param ?PictureWay $way null where the notation has no place for a picture */
    public function __construct(private readonly KeptPictures $pictures, private readonly ?PictureWay $way)
    {
    }

    /** The question with each picture where the reader of its text will look for it. */
    public function packed(Question $question): Question
    {
        return EachText::replaced($question, $this->text(...));
    }

    /** @return array<string, string> the bytes of the pictures that go as files, by their names */
    public function files(): array
    {
        $files = [];
        foreach ($this->files as $picture) {
            $files[$picture->name] = $picture->bytes();
        }

        return $files;
    }

    /** @return list<Loss> */
    public function losses(): array
    {
        $loss = null === $this->way ? 'picture-no-place' : (PictureWay::Named === $this->way ? 'picture' : 'picture-not-shown');

        return array_map(static fn (KeptPicture $picture) => Loss::reduced($loss, picture: $picture->name), array_values(array_diff_key($this->staying, $this->files)));
    }

    private function text(FormattedText $text): FormattedText
    {
        if (null === $this->way || PictureWay::Named === $this->way) {
            $this->stay($text);

            return $text;
        }
        $packed = PictureMark::replaced($text, fn (string $source, string $description, string $mark) => $this->mark($source, $description, $mark));
        if (FormattedText::PLAIN !== $text->format && str_contains($packed->text, '[picture ')) {
            $packed = new FormattedText(Regex::replaceBy(KeptPictures::NAMED, fn (array $name) => $this->numbered((int) $name[1], $name[2] ?? '', $text->format) ?? $name[0], $packed->text), $text->format);
        }
        $this->stay($packed);

        return $packed;
    }

    private function mark(string $source, string $description, string $mark): ?string
    {
        $picture = $this->pictures->called($source);
        if (null === $picture) {
            return null;
        }
        if (PictureWay::Beside === $this->way) {
            $this->files[$picture->number] = $picture;

            return null;
        }
        if (null === $picture->mediaType) {
            return null;
        }

        return '<' === $mark[0] ? PictureMark::resourced($mark, $picture->dataAddress()) : PictureMark::Html->written($picture->dataAddress(), $description);
    }

    private function numbered(int $number, string $description, string $format): ?string
    {
        $picture = $this->pictures->numbered($number);
        if (null === $picture?->mediaType) {
            return null;
        }
        if (PictureWay::Inside === $this->way) {
            return PictureMark::Html->written($picture->dataAddress(), $description);
        }
        $this->files[$number] = $picture;

        return (FormattedText::MARKDOWN === $format ? PictureMark::Markdown : PictureMark::Html)->written($picture->name, $description);
    }

    /** Data addresses are long, and mention nothing. */
    private function stay(FormattedText $text): void
    {
        $words = str_contains($text->text, ';base64,') ? Regex::replace('~;base64,[A-Za-z0-9+/=]++~', '', $text->text) : $text->text;
        foreach ($this->pictures->mentionedIn($words) as $picture) {
            $this->staying[$picture->number] = $picture;
        }
    }
}
