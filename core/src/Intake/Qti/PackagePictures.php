<?php

declare(strict_types=1);

namespace Notagram\Intake\Qti;

use Notagram\Intake\Picture;
use Notagram\Question\PictureName;
use Notagram\Source\ReadLimits;
use Notagram\Source\Regex;

/** The pictures that the texts of a package show, each once, under the names that the sheet keeps them by. */
final class PackagePictures
{
    private const INSIDE = '~\Adata:image/([a-z+]+);base64,([A-Za-z0-9+/=\s]++)\z~i';

    /** @var array<string, string> the name of each by where it lies */
    private array $names = [];
    /** @var list<Picture> */
    private array $pictures = [];
    private int $missing = 0;

    /** @param \Closure(string): ?Picture $file by its place in the package */
    public function __construct(private readonly \Closure $file)
    {
    }

    /**
     * What a text calls the picture; null where it is nowhere.
     *
     * @param string $source as the text has it
     * @param string $folder of the file that the text stands in
     */
    public function name(string $source, string $folder): ?string
    {
        if (Regex::match('~\A(?:https?:)?//~i', $source)) {
            return $source;
        }
        $place = str_starts_with($source, 'data:') ? 'data '.hash('sha256', $source) : self::place($source, $folder);
        if (!isset($this->names[$place])) {
            $picture = str_starts_with($source, 'data:') ? self::inside($source) : ($this->file)($place);
            if (null === $picture) {
                ++$this->missing;

                return null;
            }
            $this->pictures[] = $picture;
            $this->names[$place] = PictureName::clean($picture->name, $picture->mediaType(), array_values($this->names));
        }

        return $this->names[$place];
    }

    /** @return list<Picture> in the order in which their names were given */
    public function all(): array
    {
        return $this->pictures;
    }

    /** How many are shown, but are not there. */
    public function missing(): int
    {
        return $this->missing;
    }

    /** Where a file lies, seen from the root. What leads out of the package leads nowhere. */
    public static function place(string $href, string $folder): string
    {
        $path = [];
        foreach (explode('/', strtr(rawurldecode(explode('#', $href)[0]), '\\', '/')) as $index => $part) {
            if (0 === $index && '' !== $part) {
                $path = '' === $folder ? [] : explode('/', $folder);
            }
            if ('..' === $part) {
                array_pop($path);
            } elseif ('' !== $part && '.' !== $part) {
                $path[] = $part;
            }
        }

        return implode('/', $path);
    }

    private static function inside(string $source): ?Picture
    {
        $bytes = Regex::match(self::INSIDE, $source, $match) ? base64_decode($match[2], true) : false;

        return false === $bytes || \strlen($bytes) > ReadLimits::MAX_PICTURE_BYTES ? null : new Picture("picture.{$match[1]}", $bytes);
    }
}
