<?php

declare(strict_types=1);

namespace Notagram\Intake;

use Notagram\Source\Regex;

/** A picture that came with a document. */
final readonly class Picture
{
    public function __construct(public string $name, public string $bytes)
    {
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
