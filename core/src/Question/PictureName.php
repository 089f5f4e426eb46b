<?php

declare(strict_types=1);

namespace Notagram\Question;

use Notagram\Source\Regex;

/** Names that a text, an address and every file system hold as they are: small letters, digits and hyphens, and the ending. */
final readonly class PictureName
{
    private const LONGEST = 60;
    private const ENDINGS = ['image/png' => 'png', 'image/jpeg' => 'jpg', 'image/gif' => 'gif', 'image/webp' => 'webp', 'image/bmp' => 'bmp', 'image/svg+xml' => 'svg'];

    /**
     * @param string       $wanted    such as the name of the file that it was
     * @param ?string      $mediaType null where it is of no kind that has an ending here; then it keeps its own
     * @param list<string> $taken     names that others have
     */
    public static function clean(string $wanted, ?string $mediaType, array $taken = []): string
    {
        $ascii = \Transliterator::create('Any-Latin; Latin-ASCII; Lower')?->transliterate(mb_scrub($wanted));
        $parts = pathinfo(strtr(\is_string($ascii) ? $ascii : '', '\\', '/'));
        $ending = self::ENDINGS[$mediaType ?? ''] ?? Regex::replace('/[^a-z0-9]++/', '', $parts['extension'] ?? '');
        $stem = substr(trim(Regex::replace('/[^a-z0-9]++/', '-', $parts['filename']), '-'), 0, self::LONGEST);
        $stem = '' === $stem ? 'picture' : $stem;
        $ending = '' === $ending ? '' : '.'.substr($ending, 0, 8);
        $name = $stem.$ending;
        for ($number = 2; \in_array($name, $taken, true); ++$number) {
            $name = "{$stem}-{$number}{$ending}";
        }

        return $name;
    }
}
