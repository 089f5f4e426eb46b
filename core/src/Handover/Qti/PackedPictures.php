<?php

declare(strict_types=1);

namespace Notagram\Handover\Qti;

use Notagram\Handover\PictureTravel;
use Notagram\Handover\PictureWay;
use Notagram\Notation\Loss;
use Notagram\Question\EachText;
use Notagram\Question\FormattedText;
use Notagram\Question\KeptPicture;
use Notagram\Question\KeptPictures;
use Notagram\Question\PictureMark;
use Notagram\Question\Question;
use Notagram\Source\Regex;

/** The pictures of one question on their way into a package: kept ones as files of it, those elsewhere under the address that they have. */
final class PackedPictures
{
    private const FOLDER = 'images/';
    private const OUTSIDE = '~\A(?:https?:)?//~i';

    /** @var array<string, string> names that stand for the addresses of pictures elsewhere */
    private array $outside = [];
    private readonly PictureTravel $travel;

    public function __construct(private readonly KeptPictures $pictures)
    {
        $this->travel = new PictureTravel($pictures, PictureWay::Beside);
    }

    /** The question with names in the place of addresses elsewhere, which would not be let through. */
    public function packed(Question $question): Question
    {
        $packed = [] === $this->pictures->all ? $question : $this->travel->packed($question);

        return EachText::replaced($packed, fn (FormattedText $text) => PictureMark::replaced($text, $this->renamed(...)));
    }

    private function renamed(string $source, string $description, string $mark): ?string
    {
        if (!Regex::match(self::OUTSIDE, $source)) {
            return null;
        }
        $name = $this->outside[$source] ??= 'outside-'.(\count($this->outside) + 1);

        return '<' === $mark[0] ? PictureMark::resourced($mark, $name) : PictureMark::Markdown->written($name, $description);
    }

    /**
     * The same with the address that each has.
     *
     * @param string $from how the file of the question reaches the root of the package: “../”
     */
    public function addressed(string $from): KeptPictures
    {
        $all = array_map(static fn (KeptPicture $kept) => new KeptPicture($kept->number, $kept->name, $kept->mediaType, null === $kept->mediaType ? null : $from.self::FOLDER.$kept->name, $kept->bytes(...)), $this->pictures->all);
        $number = \count($all);
        foreach ($this->outside as $address => $name) {
            $all[] = new KeptPicture(++$number, $name, 'image/png', $address, static fn () => '');
        }

        return new KeptPictures($all);
    }

    /** @return array<string, string> the bytes of those that go, by their places in the package */
    public function files(): array
    {
        $files = [];
        foreach ($this->travel->files() as $name => $bytes) {
            $files[self::FOLDER.$name] = $bytes;
        }

        return $files;
    }

    /** @return list<Loss> */
    public function losses(): array
    {
        return [...$this->travel->losses(), ...array_map(static fn (string $address) => Loss::reduced('qti/picture-outside', address: $address), array_keys($this->outside))];
    }
}
