<?php

declare(strict_types=1);

namespace Notagram\Intake;

use Notagram\Message\Message;
use Notagram\Question\KeptPicture;
use Notagram\Source\Regex;
use Notagram\Source\SourceText;

/** A zip with one text of questions and the pictures that it shows, as a sheet is handed over with its pictures beside it. */
final class TextArchive
{
    private const TEXT = '/\.(?:txt|gift|gram|aiken|md)\z/i';
    private const PICTURE = '/\.(?:png|jpe?g|gif|webp|svg|bmp)\z/i';
    /** What packing programs add of their own. */
    private const ADDED = '~^__MACOSX/|(?:^|/)(?:\.[^/]*|Thumbs\.db|desktop\.ini)\z|/\z~i';
    private const MOST_PICTURES = 500;
    private const MOST_NAMED = 8;

    /**
     * @return ?Manuscript null where it is another kind of archive, or holds more than one text
     *
     * @throws UnreadableDocument
     */
    public static function read(string $bytes): ?Manuscript
    {
        $archive = Archive::of($bytes);
        $names = array_values(array_filter($archive->names(), static fn (string $name) => !Regex::match(self::ADDED, $name)));
        $texts = array_values(array_filter($names, static fn (string $name) => Regex::match(self::TEXT, $name)));
        if (1 !== \count($texts) || [] !== array_filter($names, static fn (string $name) => Regex::match('/\.xml\z/i', $name))) {
            return null;
        }
        $pictures = $paths = $left = [];
        foreach (array_values(array_diff($names, $texts)) as $name) {
            $picture = Regex::match(self::PICTURE, $name) && \count($pictures) < self::MOST_PICTURES ? $archive->picture($name) : null;
            if (null === $picture) {
                $left[] = $name;
            } else {
                $pictures[] = $picture;
                $paths[] = $name;
            }
        }
        $text = SourceText::fromBytes((string) $archive->part($texts[0], Archive::MAX_XML_MB))->text;
        $kept = (new Manuscript($text, pictures: $pictures))->keptPictures()->all;
        $notes = [] === $left ? [] : [Message::of('note/archive-rest', files: implode(', ', \array_slice($left, 0, self::MOST_NAMED)), more: max(0, \count($left) - self::MOST_NAMED))];

        return new Manuscript(self::withNames($text, \dirname($texts[0]), $paths, $kept), notes: $notes, pictures: $pictures);
    }

    /**
     * The text with each picture under the name that it is kept by, where it is shown under another.
     *
     * @param string            $folder of the text
     * @param list<string>      $paths  of the pictures
     * @param list<KeptPicture> $kept   the same
     */
    private static function withNames(string $text, string $folder, array $paths, array $kept): string
    {
        $names = [];
        foreach ($paths as $index => $path) {
            $seen = '.' !== $folder && str_starts_with($path, "{$folder}/") ? substr($path, \strlen($folder) + 1) : $path;
            $names += [$seen => $kept[$index]->name, rawurlencode($seen) => $kept[$index]->name, str_replace('%2F', '/', rawurlencode($seen)) => $kept[$index]->name];
        }
        $names = array_filter($names, static fn (string $name, string $seen) => $name !== $seen, \ARRAY_FILTER_USE_BOTH);

        return [] === $names ? $text : Regex::replaceBy(
            '~(?<=["\'(])[^"\'()\r\n]++(?=["\')])~u',
            static fn (array $match) => $names[$match[0]] ?? $names[Regex::replace('~^\./~', '', $match[0])] ?? $match[0],
            $text,
        );
    }
}
