<?php

declare(strict_types=1);

namespace Notagram\Intake;

use Notagram\Source\ReadLimits;
use Notagram\Source\Regex;

/** A picture that came with a document, or is put into a text. */
final readonly class Picture
{
    private const PUT_IN = ['image/png', 'image/jpeg', 'image/gif', 'image/webp'];

    public function __construct(public string $name, public string $bytes)
    {
    }

    /**
     * A picture that a person puts into a text: of a kind that every browser and every quiz system shows.
     *
     * @throws UnreadableDocument
     */
    public static function offered(string $bytes, string $fileName): self
    {
        $picture = new self($fileName, $bytes);
        $type = $picture->mediaType();
        if ('image/svg+xml' === $type) {
            throw UnreadableDocument::because('picture-svg', file: $fileName);
        }
        if (\strlen($bytes) > ReadLimits::MAX_PICTURE_BYTES) {
            throw UnreadableDocument::because('picture-too-large', file: $fileName, megabytes: intdiv(ReadLimits::MAX_PICTURE_BYTES, 1_000_000));
        }
        $size = \in_array($type, self::PUT_IN, true) ? $picture->size() : null;
        if (null === $size) {
            throw UnreadableDocument::because('no-picture', file: $fileName);
        }
        if ($size->dots() > ReadLimits::MAX_PICTURE_DOTS) {
            throw UnreadableDocument::because('picture-too-many-dots', file: $fileName, width: $size->width, height: $size->height, million: intdiv(ReadLimits::MAX_PICTURE_DOTS, 1_000_000));
        }

        return $picture;
    }

    /** As it says itself, without unpacking it; null where it says nothing that makes sense. */
    public function size(): ?PictureSize
    {
        $size = @getimagesizefromstring($this->bytes);

        return false === $size || $size[0] < 1 || $size[1] < 1 ? null : new PictureSize($size[0], $size[1]);
    }

    /** By its first bytes; null where no browser can show it, such as a metafile. */
    public function mediaType(): ?string
    {
        return match (true) {
            str_starts_with($this->bytes, "\x89PNG\r\n") => 'image/png',
            str_starts_with($this->bytes, "\xFF\xD8\xFF") => 'image/jpeg',
            str_starts_with($this->bytes, 'GIF8') => 'image/gif',
            str_starts_with($this->bytes, 'RIFF') && 'WEBP' === substr($this->bytes, 8, 4) => 'image/webp',
            str_starts_with($this->bytes, 'BM') && \strlen($this->bytes) > 26 => 'image/bmp',
            Regex::match('/\A(?:\xEF\xBB\xBF)?\s*+<(?:\?xml|!--|!DOCTYPE svg|svg)[^\0]*?<svg|\A\s*+<svg/i', substr($this->bytes, 0, 2000)) => 'image/svg+xml',
            default => null,
        };
    }
}
